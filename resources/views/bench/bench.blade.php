@php($doorway = $bench->doorway)
<input type="hidden" id="base" name="base" value="{{ $doorway->revision_id }}">
@include('bench.top')
<section class="set" aria-label="What you set">
  @include('bench.fields')
</section>
<section class="stage" aria-label="Drawing" data-main="elevation" data-why-of="{{ $bench->url }}/why/">
  @include('bench.stage')
</section>
<section class="means" aria-label="What it means">
  @include('bench.findings')
</section>
@include('bench.strip')
