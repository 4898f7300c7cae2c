@use('App\Models\User')
<x-page :title="__('firm.page.account')" at="account" class="is-list">
<main class="list account">
  <div class="list-head"><h1>{{ $person->name }}</h1><form method="post" action="{{ route('sign-out') }}" data-forgets>@csrf<button class="btn">{{ __('firm.page.sign-out') }}</button></form></div>
  <p>{{ $person->email }}, {{ $person->role->says() }}, {{ $person->firm->name }}</p>
  @if (session('said'))<p class="notice" role="status">{{ session('said') }}</p>@endif
  <form method="post" action="{{ route('account.update') }}">@csrf
    @include('firm.field', ['name' => 'name', 'says' => __('firm.page.your-name'), 'value' => old('name', $person->name), 'auto' => 'name', 'most' => 60])
    <button class="btn">{{ __('common.page.save') }}</button>
  </form>
  <h2>{{ __('firm.page.change-password') }}</h2>
  <form method="post" action="{{ route('account.password') }}">@csrf
    @include('firm.field', ['name' => 'now', 'says' => __('firm.page.password-now'), 'type' => 'password', 'auto' => 'current-password', 'most' => User::LONGEST_PASSWORD])
    @include('firm.field', ['name' => 'password', 'says' => __('firm.page.new-password', ['least' => User::SHORTEST_PASSWORD]), 'type' => 'password', 'auto' => 'new-password', 'most' => User::LONGEST_PASSWORD])
    <button class="btn">{{ __('firm.page.change-password') }}</button>
  </form>
  <h2>{{ __('firm.page.second') }}</h2>
  @if ($person->second_secret !== null)
    <p>{{ __('firm.page.second-is-set') }}</p>
    <form method="post" action="{{ route('account.second.remove') }}">@csrf
      @include('firm.field', ['name' => 'with', 'says' => __('firm.page.password-now'), 'type' => 'password', 'auto' => 'current-password', 'most' => User::LONGEST_PASSWORD])
      <button class="btn">{{ __('firm.page.second-remove') }}</button>
    </form>
  @elseif ($secret = session('second.secret'))
    <p>{{ __('firm.page.second-scan') }} <code>{{ $secret }}</code></p>
    <div class="qr" data-qr="{{ App\Firm\OneTimeCode::address($person, $secret) }}" role="img" aria-label="{{ __('firm.page.qr') }}"></div>
    <form method="post" action="{{ route('account.second.confirm') }}">@csrf
      @include('firm.field', ['name' => 'code', 'says' => __('firm.page.code-now'), 'auto' => 'one-time-code', 'most' => 12])
      <button class="btn">{{ __('firm.page.second-confirm') }}</button>
    </form>
  @else
    <p>{{ __('firm.page.second-why') }}</p>
    <form method="post" action="{{ route('account.second') }}">@csrf<button class="btn">{{ __('firm.page.second-begin') }}</button></form>
  @endif
  <h2>{{ __('firm.page.signed-in-at') }}</h2>
  <table class="table"><tbody>
    @foreach ($devices as $device)
      <tr><th scope="row">{{ $device['says'] }}</th><td>{{ $device['ip'] }}</td><td>{{ $device['at']->translatedFormat('j M H:i') }}</td><td>@if ($device['isHere'])<b>{{ __('firm.page.here') }}</b>@else<form method="post" action="{{ route('account.sign-out-there', $device['key']) }}">@csrf<button class="btn">{{ __('firm.page.sign-out-there') }}</button></form>@endif</td></tr>
    @endforeach
  </tbody></table>
</main>
</x-page>
