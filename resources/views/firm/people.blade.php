@use('App\Firm\Role')
@use('App\Models\Invitation')
{{-- Who is in the firm as what, who is invited, who has left. --}}
<section class="people" aria-labelledby="people">
  <h2 id="people">{{ __('firm.page.people') }}</h2>
  @error('role')<p class="refused" role="alert">{{ $message }}</p>@enderror
  <table class="table"><tbody>
    @foreach ($people as $person)
      <tr @class(['has-left' => $person->left_at])><th scope="row">{{ $person->name }}<small>{{ $person->email }}</small></th>
        @if ($person->left_at)<td>{{ __('firm.page.left', ['on' => $person->left_at->translatedFormat('j M Y')]) }}</td><td><form method="post" action="{{ route('people.again', $person) }}">@csrf<button class="btn">{{ __('firm.page.is-back') }}<span class="visually-hidden"> {{ $person->name }}</span></button></form></td>
        @else
          <td><form method="post" action="{{ route('people.update', $person) }}">@csrf<select class="form-select" name="role" data-submits aria-label="{{ __('firm.page.role-of', ['name' => $person->name]) }}">@foreach (Role::cases() as $role)<option value="{{ $role->value }}" @selected($role === $person->role)>{{ $role->says() }}</option>@endforeach</select><noscript><button class="btn">{{ __('common.page.save') }}</button></noscript></form></td>
          <td><form class="pair-of-forms" method="post" action="{{ route('people.again', $person) }}">@csrf<button class="btn">{{ __('firm.page.again') }}<span class="visually-hidden"> {{ $person->name }}</span></button><button class="btn" formaction="{{ route('people.leave', $person) }}">{{ __('firm.page.leaves') }}<span class="visually-hidden"> {{ $person->name }}</span></button></form></td>
        @endif</tr>
    @endforeach
    @foreach ($invitations as $invitation)
      <tr><th scope="row">{{ $invitation->name }}</th><td>{{ __('firm.page.invited-as', ['role' => $invitation->role->says(), 'until' => $invitation->expires_at->translatedFormat('j M')]) }}</td><td><form method="post" action="{{ route('people.withdraw', $invitation) }}">@csrf<button class="btn">{{ __('firm.page.withdraw') }}<span class="visually-hidden"> {{ $invitation->name }}</span></button></form></td></tr>
    @endforeach
  </tbody></table>
  @if ($given = session('given'))
    <div class="given" role="status"><p>{{ __('firm.page.given', ['name' => $given['name'], 'days' => Invitation::DAYS]) }}</p><p><input class="form-control" readonly value="{{ $given['link'] }}" aria-label="{{ __('firm.page.link') }}" data-selects></p><div class="qr" data-qr="{{ $given['link'] }}" role="img" aria-label="{{ __('firm.page.qr') }}"></div></div>
  @endif
  <form class="invite" method="post" action="{{ route('people.invite') }}">@csrf
    @include('firm.field', ['name' => 'name', 'says' => __('firm.page.whom'), 'value' => old('name'), 'most' => 60])
    <label>{{ __('firm.page.as') }} <select class="form-select" name="role">@foreach (Role::cases() as $role)<option value="{{ $role->value }}" @selected($role === Role::Installer)>{{ $role->says() }}</option>@endforeach</select></label>
    <button class="btn btn-primary">{{ __('firm.page.invite') }}</button>
  </form>
  @if ($plain = config('app.plain_url'))@php($phones = $plain.route('join', absolute: false))<p>{{ __('firm.page.phones') }} <b>{{ $phones }}</b></p><div class="qr" data-qr="{{ $phones }}" role="img" aria-label="{{ __('firm.page.qr') }}"></div>@endif
  <dl class="roles">@foreach (Role::cases() as $role)<dt>{{ $role->says() }}</dt><dd>{{ __("firm.roles-may.{$role->value}") }}</dd>@endforeach</dl>
</section>
