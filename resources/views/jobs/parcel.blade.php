@if ($parcel->isReady())
  <p><b>Ready.</b> {{ $parcel->kind() }}, {{ $parcel->of() }} doorways. <a class="btn btn-primary" href="{{ route('parcels.file', $parcel->id) }}">Take it</a></p>
@else
  <p hx-post="{{ route('parcels.next', $parcel->id) }}" hx-trigger="load" hx-target="#parcel" hx-swap="innerHTML"><label>{{ $parcel->kind() }}: {{ $parcel->done() }} of {{ $parcel->of() }} doorways <progress max="{{ max(1, $parcel->of()) }}" value="{{ $parcel->done() }}"></progress></label></p>
@endif
