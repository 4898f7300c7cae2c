<x-page :title="__('firm.page.firm')" at="firm" class="is-list">
<main class="list firm">
  <div class="list-head"><h1>{{ $firm->name ?: __('firm.page.firm') }}</h1></div>
  @unless ($here->isOpen())
    <form method="post" action="{{ route('people.rename') }}">@csrf
      @include('firm.field', ['name' => 'firm', 'says' => __('firm.page.firm'), 'value' => old('firm', $firm->name), 'auto' => 'organization', 'most' => 120])
      <button class="btn">{{ __('common.page.save') }}</button>
    </form>
    @include('firm.people')
  @endunless
  @if ($backups)<section aria-labelledby="backups">
    <h2 id="backups">{{ __('keeping.page.backups') }}</h2>
    @if ($backups->isOld())<p class="refused" role="alert">{!! __('keeping.page.old') !!}</p>@endif
    <p>{{ $backups->last() === null ? __('keeping.page.none') : __('keeping.page.last', ['on' => $backups->last()->translatedFormat('j F Y H:i')]) }} {{ __('keeping.page.where', ['path' => $backups->folder]) }}</p>
  </section>@endif

</main>
</x-page>
