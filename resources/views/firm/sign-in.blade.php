<x-page :title="__('firm.page.sign-in')" at="" class="is-way-in">
<main class="way-in">
  <header><x-mark /><h1>{{ __('firm.page.sign-in') }}</h1></header>
  @if ($isFirst)
    <p>{{ __('firm.page.no-owner-yet') }}</p>
  @else
    <form method="post" action="{{ route('sign-in.try') }}">@csrf
      @include('firm.field', ['name' => 'email', 'says' => __('firm.page.email'), 'type' => 'email', 'value' => old('email'), 'auto' => 'username'])
      @include('firm.field', ['name' => 'password', 'says' => __('firm.page.password'), 'type' => 'password', 'auto' => 'current-password'])
      <button class="btn btn-primary">{{ __('firm.page.sign-in') }}</button>
    </form>
    <p class="group-note">{{ __('firm.page.lost') }}</p>
  @endif
</main>
</x-page>
