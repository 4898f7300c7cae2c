{{-- One field of a form about people, and what is wrong with it at its place. $name, $says, $type, $value, $auto --}}
@php($type ??= 'text')
<label>{{ $says }} <input class="form-control" name="{{ $name }}" type="{{ $type }}" value="{{ $value ?? '' }}" autocomplete="{{ $auto ?? 'off' }}" required maxlength="{{ $most ?? 190 }}" @error($name) aria-invalid="true" aria-describedby="refused-{{ $name }}" @enderror></label>
@if ($type === 'password')<label class="shows"><input type="checkbox" data-shows="{{ $name }}"> {{ __('firm.page.show') }}</label>@endif
@if (($auto ?? '') === 'new-password')<meter min="0" max="24" low="12" optimum="24" value="0" data-measures="{{ $name }}" aria-label="{{ __('firm.page.strength') }}"></meter>@endif
@error($name)<span class="refused" role="alert" id="refused-{{ $name }}">{{ $message }}</span>@enderror
