@props(['units'])
<select {{ $attributes->class('form-select') }} name="units" aria-label="{{ __('common.page.units') }}">@foreach (App\Words\FieldWords::answers('units') as $unit => $says)<option value="{{ $unit }}" @selected($unit === $units->value)>{{ $says }}</option>@endforeach</select>
