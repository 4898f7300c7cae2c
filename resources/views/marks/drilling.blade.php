@use('YokeLine\Marks\Drilling')
@php($sold = YokeLine\Holding\Fasteners::of($plan->doorway->units))
@foreach ($plan->leavesThatDiffer(fn ($leaf) => Drilling::of($plan, $leaf)) as $name => $leaf)
<table class="table"><caption>{{ $name === '' ? __('marks.page.drilling-of-each') : __('marks.page.drilling-of-one', ['door' => __("words.leaves.{$name}")]) }}</caption><thead><tr><th scope="col">{{ __('marks.page.holes') }}</th><th scope="col">{{ __('marks.page.bits-in-steps', ['unit' => $plan->doorway->units->value]) }}</th><th scope="col">{{ __('marks.page.how') }}</th></tr></thead><tbody>
  @foreach (Drilling::of($plan, $leaf) as $row)<tr><th scope="row">{{ $speak->say($row->says()) }}</th><td class="number">{{ implode(' → ', array_map($sold->size(...), $row->bits)) ?: '–' }}</td><td>{{ ucfirst($speak->say($row->from())) }}{{ $row->depth ? __('marks.page.deep', ['depth' => $write->showUp($row->depth)]) : '' }}{{ $row->bits ? ($row->depth ? __('marks.page.mark-on-the-bit') : __('marks.page.right-through')) : '' }}</td></tr>@endforeach
</tbody></table>
@endforeach
@php($outside = Drilling::outsideSolid($plan))
<p>@if ($plan->doorway->brief->leaf->solid === []){{ __('marks.page.nobody-has-told-what-is') }} <a href="{{ route('door.in-hand', $doorway) }}">{{ __('marks.page.size-card') }}</a>.@elseif ($outside === []){{ __('marks.page.every-hole-lands-in-a') }}@else<b class="refused">{{ __('marks.page.outside-every-solid-member') }}</b> {{ __('marks.page.have-a-block-put-in', ['outside' => implode(', ', array_map(fn ($mark) => $speak->say($mark->id->says()).' '.$write->showOnTape($mark->marked), $outside))]) }}@endif</p>
@foreach ($plan->leavesThatDiffer(fn ($leaf) => Drilling::trims($plan, $leaf)) as $name => $leaf)@foreach (Drilling::trims($plan, $leaf) as [$edge, $off])<p>@if ($name !== '')<b>{{ ucfirst(__("words.leaves.{$name}")) }}:</b> @endif{{ __("marks.page.trim-{$edge}", ['off' => $write->showFine($off)]) }}</p>@endforeach @endforeach
