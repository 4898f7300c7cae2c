<x-page :title="__('glossary.page.title')" at="words" class="is-marks">
<main class="marks-page glossary">
  <h1>{{ __('glossary.page.title') }}</h1>
  <div class="words">
    @foreach ($words as $word => $is)<section id="{{ $word }}">@include('glossary.entry')</section>@endforeach
  </div>
</main>
</x-page>
