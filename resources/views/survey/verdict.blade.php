@use('App\Bench\Assumption')
@php([$setout, $verdict] = [$howFar->setout, $howFar->verdict()])
@php([$speak, $assumed] = [App\Words\Speaker::in($setout->write), $setout->plan ? Assumption::all($setout) : []])
<template>@include('frame.chip')</template>
@if ($assumed !== [])
  <h3>{{ __('survey.end.assumed') }}</h3>
  <ul class="walk-assumed">@foreach ($assumed as $one)<li>{{ $one->label() }}: <b>{{ $one->usual === null ? __('bench.page.choose-it') : $one->shown }}</b></li>@endforeach</ul>
  @if ($changes = Assumption::changes($assumed))<button type="button" class="btn" data-so="{{ json_encode($changes) }}">{{ __('survey.end.all-so') }}</button>@endif
@endif
<div class="verdict verdict-{{ $verdict->value }}">
  <h2><svg class="sign sign-{{ $verdict->sign() }}" aria-hidden="true"><use href="#sign-{{ $verdict->sign() }}"/></svg>{{ $speak->say($verdict->says()) }}</h2>
  @foreach (array_filter($setout->findings, fn ($finding) => $finding->severity->needsSettling()) as $finding)<p>{{ $speak->sentence($finding->says()) }}</p>@endforeach
</div>
@if ($setout->plan)
  <p class="walk-on"><a class="btn btn-primary" href="{{ route('papers.sheet', $doorway) }}">{{ __('survey.end.sheet') }}</a> <a class="btn" href="{{ route('door.size', $doorway) }}">{{ __('survey.end.bench') }}</a> <a class="btn" href="{{ route('door.options', $doorway) }}">{{ __('survey.end.options') }}</a></p>
@endif
