@if ($last = $ledger->last())
<details class="edits"><summary>{{ __('record.page.what-was-changed-and-by') }}</summary>
  <ul>@foreach ($last as [$at, $who, $what, $before, $after])<li>{{ $at->translatedFormat('j M Y, H:i') }} · {{ $who }} · {{ $what }}: {{ $before }} → {{ $after }}</li>@endforeach</ul>
</details>
@endif
