{{-- One field of a form about people, and what is wrong with it at its place. $name, $says, $type, $value, $auto --}}
<label>{{ $says }} <input class="form-control" name="{{ $name }}" type="{{ $type ?? 'text' }}" value="{{ $value ?? '' }}" autocomplete="{{ $auto ?? 'off' }}" required maxlength="{{ $most ?? 190 }}" @error($name) aria-invalid="true" aria-describedby="refused-{{ $name }}" @enderror></label>
@error($name)<span class="refused" role="alert" id="refused-{{ $name }}">{{ $message }}</span>@enderror
