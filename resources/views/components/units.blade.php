@props(['shown', 'own'])
@use('YokeLine\Measure\Unit')
<form {{ $attributes->class('pair') }} method="post" action="{{ route('editor') }}" aria-label="{{ __('common.page.units') }}">@csrf
  <input type="hidden" name="at" value="{{ App\Http\Editor::place(request()) }}"><input type="hidden" name="own" value="{{ $own->value }}">
  @foreach (Unit::cases() as $unit)<button name="units" value="{{ $unit->value }}" aria-pressed="{{ $shown === $unit ? 'true' : 'false' }}">{{ $unit->value }}</button>@endforeach
</form>
