@use('YokeLine\Marks\Drilling')
@foreach ($plan->leavesThatDiffer(fn ($leaf) => Drilling::of($plan, $leaf)) as $name => $leaf)
<table class="table"><caption>{{ $name === '' ? 'Each leaf is bored so' : "The {$name} leaf is bored so" }}</caption><thead><tr><th scope="col">Holes</th><th scope="col">Bits, in steps, mm</th><th scope="col">How</th></tr></thead><tbody>
  @foreach (Drilling::of($plan, $leaf) as $row)<tr><th scope="row">{{ $speak->say($row->says()) }}</th><td class="number">{{ implode(' → ', array_map(fn ($bit) => (string) $bit->toMm(), $row->bits)) ?: '–' }}</td><td>{{ ucfirst($speak->say($row->from())) }}{{ $row->depth ? ', '.$write->showUp($row->depth).' deep'.($row->bits ? ', a mark on the bit' : '') : ($row->bits ? ', right through' : '') }}</td></tr>@endforeach
</tbody></table>
@endforeach
@php($outside = Drilling::outsideSolid($plan))
<p>@if ($plan->doorway->brief->leaf->solid === [])Nobody has told what is solid inside. Weigh the leaf and knock along stiles and top; tell it on the <a href="{{ route('size-card', $doorway) }}">size card</a>.@elseif ($outside === [])Every hole lands in a solid member, as they are told.@else<b class="refused">Outside every solid member:</b> {{ implode(', ', array_map(fn ($mark) => $speak->say($mark->id->says()).' at '.$write->show($mark->place), $outside)) }}. Have a block put in, or bore elsewhere.@endif</p>
@foreach (Drilling::trims($plan) as $size => $off)<p>The leaf that is here: cut {{ $write->showFine($off) }} off each of the two edges of its {{ $size }}, before anything is marked; coat what is cut.</p>@endforeach
