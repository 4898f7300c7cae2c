<x-doorway :frame="new App\Frame\DoorwayFrame($run->doorway, 'site.steps')" class="is-site">
<header class="site-top">
  <span id="link-state" role="status"></span>
  <button type="button" id="site-all" aria-expanded="false" aria-controls="site-list">{{ __('site.page.all-steps') }}</button>
</header>
<main id="site" data-doorway="{{ $run->doorway->id }}" data-units="{{ $run->write->unit->value }}" data-entries="{{ route('site.entries', $run->doorway) }}" data-photos="{{ url("/doorways/{$run->doorway->id}/photos") }}" data-offline="{{ json_encode([route('site.steps', $run->doorway), route('papers.sheet', $run->doorway), route('marks.door', $run->doorway), route('record.log', $run->doorway)]) }}">@include('site.steps')</main>
<aside id="site-aside" aria-label="{{ __('site.page.not-taken') }}" hidden></aside>
<aside id="site-notices" aria-live="polite"></aside>
<p id="unanswered" role="alert" hidden></p>
</x-doorway>
