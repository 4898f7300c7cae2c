<x-page :title="__('firm.page.code')" at="" class="is-way-in">
<main class="way-in">
  <header><x-mark /><h1>{{ __('firm.page.code') }}</h1></header>
  <form method="post" action="{{ route('sign-in.code.try') }}">@csrf
    @include('firm.field', ['name' => 'code', 'says' => __('firm.page.code-now'), 'auto' => 'one-time-code', 'most' => 12])
    <button class="btn btn-primary">{{ __('firm.page.sign-in') }}</button>
  </form>
  <p class="group-note">{{ __('firm.page.code-lost') }}</p>
</main>
</x-page>
