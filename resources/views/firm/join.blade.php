<x-page :title="__('firm.page.join')" at="" class="is-way-in">
<main class="way-in join">
  <header><x-mark /><h1>{{ __('firm.page.join') }}</h1></header>
  <p>{{ __('firm.page.join-why') }}</p>
  <p><a class="btn btn-primary" href="{{ route('join.certificate') }}">{{ __('firm.page.join-get') }}</a></p>
  @foreach (['ios', 'android', 'desk'] as $kind)
    <details><summary>{{ __("firm.join.{$kind}.on") }}</summary><ol>@foreach ((array) __("firm.join.{$kind}.taps") as $tap)<li>{{ $tap }}</li>@endforeach</ol></details>
  @endforeach
  <p>{{ __('firm.page.join-then') }} <a href="{{ $leads }}">{{ $leads }}</a></p>
  <div class="qr" data-qr="{{ $leads }}" role="img" aria-label="{{ __('firm.page.qr') }}"></div>
</main>
</x-page>
