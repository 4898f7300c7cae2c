@if ($last = $ledger->last())
<details class="edits"><summary>What was changed, and by whom</summary>
  <ul>@foreach ($last as [$at, $who, $what, $before, $after])<li>{{ $at->format('j M Y, H:i') }} · {{ $who }} · {{ $what }}: {{ $before }} → {{ $after }}</li>@endforeach</ul>
</details>
@endif
