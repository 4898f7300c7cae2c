@props(['plan', 'speak', 'photo'])
@use('YokeLine\Drawing\Picture')
@use('YokeLine\Drawing\Svg')
{{-- The customer's wall with the door: over their own photograph where there is one, to be slid; and drawn, shut and open. What is said of it stands under the first that shows it all. --}}
@if ($photo)
<figure class="over-photo on-photo"><img src="{{ $photo->src }}" alt="" data-map="{{ json_encode($photo->fitted->toWall->of) }}">{!! Svg::write(Picture::overPhoto($plan, $speak)) !!}<input class="picture-slide" type="range" min="0" max="1" step="0.01" value="0" data-slides-picture aria-label="{{ __('bench.page.slide-the-leaf') }}"></figure>
{{ $slot }}
@endif
<div class="pictured">@foreach ([false, true] as $isOpen)<figure>{!! Svg::write(Picture::of($plan, $speak, $isOpen)) !!}<figcaption>{{ __($isOpen ? 'frame.open-as' : 'frame.shut-as') }}</figcaption></figure>@endforeach</div>
@unless ($photo){{ $slot }}@endunless
