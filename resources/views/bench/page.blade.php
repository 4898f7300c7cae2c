<x-page :title="$page->doorway->name.', '.$page->station->label()" at="jobs" class="is-bench" :doorway="$page->doorway" :units="$page->doorway->unitsShown()">
  <main id="bench" hx-target="#bench" hx-swap="morph" hx-ext="morph" hx-sync="#bench:queue all" hx-include="#base">
    @include('bench.bench')
  </main>
  {{-- Asked for once, and laid behind the drawing as often as that comes. --}}
  @php($photo = $page->photo())
  @if ($photo)<template id="behind"><img src="{{ $photo->src }}" alt="" data-map="{{ json_encode($photo->fitted->toWall->of) }}"></template>@endif
  <p id="unanswered" role="alert" hidden>{{ __('common.page.no-answer-from-yoke-line') }} <b>{{ __('common.page.not-kept') }}</b>{{ __('common.page.it-still-stands-in-its') }}</p>
  <dialog id="why" aria-label="{{ __('bench.page.where-this-number-comes-from') }}"></dialog>
</x-page>
