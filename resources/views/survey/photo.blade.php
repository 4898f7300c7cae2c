@php([$photo, $at] = [$page->photo, route('wall.photos', $page->doorway)])
@if ($page->photos->all === [])<p class="nothing">{{ __('survey.photos.none') }}</p>@endif
<form class="photo-take" method="post" action="{{ route('wall.photos.store', $page->doorway) }}" enctype="multipart/form-data">@csrf
  <label class="btn btn-primary">{{ __('survey.photos.take') }}<input type="file" name="photo" accept="image/*" class="visually-hidden" data-submits></label>
  @error('photo')<p class="refused" role="alert">{{ $message }}</p>@enderror
</form>
@if (count($page->photos->all) > 1)
  <nav class="photo-which" aria-label="{{ __('survey.photos.which') }}">@foreach ($page->photos->all as $one)<a href="{{ "{$at}?photo={$one->uid}" }}" @if ($one === $photo) aria-current="true" @endif><img src="{{ $one->src }}" alt="{{ __('survey.photos.photo-of') }} {{ $loop->iteration }}" loading="lazy"></a>@endforeach</nav>
@endif
@if ($page->refused || $photo?->refused)<p class="refused" role="alert">{{ $page->refused ?: $page->speak()->say($photo->refused) }}</p>@endif
@if ($photo)
  @php($points = $page->points())
  @if ($points === [])
    <p class="notice">{{ __('survey.photos.measure-first') }} <a href="{{ route('wall.measure', $page->doorway) }}">{{ __('frame.pages.wall.measure') }}</a></p>
  @endif
  <p>{{ $photo->fitted ? $photo->says($page->speak()) : __('survey.photos.show-points') }}</p>
  <div class="photo-two">
    <figure class="photo-mark" id="photo-mark" tabindex="0" role="application" aria-label="{{ __('survey.photos.show-points') }}" data-post="{{ "{$at}/{$photo->uid}/points" }}" data-points="{{ json_encode((object) $photo->tapped) }}">
      <img src="{{ $photo->src }}" alt="{{ __('survey.photos.photo-of') }}" style="aspect-ratio: 1 / {{ round($photo->high, 4) }}" draggable="false">
      <i class="cross" aria-hidden="true"></i><i class="loupe" aria-hidden="true" hidden></i>
    </figure>
    <div class="photo-points">
      <h2>{{ __('survey.photos.points') }}</h2>
      <ul>@foreach ($points + array_fill_keys(array_filter(array_keys($photo->tapped), fn ($key) => str_starts_with($key, 'own-')), __('survey.points.own')) as $key => $says)
        <li><button type="button" data-point="{{ $key }}" aria-pressed="false"><b>{{ $loop->iteration }}</b> {{ $says }}</button>@isset($photo->tapped[$key])<button type="button" class="take-out" data-unpoint="{{ $key }}" aria-label="{{ __('survey.photos.remove', ['point' => $says]) }}">×</button>@endisset</li>@endforeach
      </ul>
      <form id="photo-own"><b>{{ __('survey.points.own') }}</b> <input class="form-control" name="x" type="text" autocomplete="off" placeholder="{{ __('survey.points.x') }}" aria-label="{{ __('survey.points.own') }}: {{ __('survey.points.x') }}"><input class="form-control" name="y" type="text" autocomplete="off" placeholder="{{ __('survey.points.y') }}" aria-label="{{ __('survey.points.own') }}: {{ __('survey.points.y') }}"><button class="btn">{{ __('survey.page.add') }}</button></form>
    </div>
  </div>
  @if ($photo->fitted)
    <h2>{{ __('survey.photos.wall') }}</h2>
    <p>{{ __('survey.photos.place') }}</p>
    <p class="choice photo-things" role="group" aria-label="{{ __('survey.photos.things') }}">@foreach ($page->things() as $kind => $says)<button type="button" data-thing="{{ $kind }}" aria-pressed="false">{{ $says }}</button>@endforeach</p>
    <figure class="over-photo" id="photo-wall" data-post="{{ "{$at}/{$photo->uid}/things" }}"><img src="{{ $photo->src }}" alt="" data-map="{{ json_encode($photo->fitted->toWall->of) }}">{!! $page->drawing() !!}</figure>
  @endif
@endif
