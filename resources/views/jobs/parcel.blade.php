@if ($parcel->isReady())
  <p><b>{{ __('jobs.page.ready') }}</b> {{ __('jobs.page.doorways', ['kind' => $parcel->kind(), 'of' => $parcel->of()]) }} <a class="btn btn-primary" href="{{ route('parcels.file', $parcel->id) }}">{{ __('jobs.page.download') }}</a></p>
@else
  <p hx-post="{{ route('parcels.next', $parcel->id) }}" hx-trigger="load" hx-target="#parcel" hx-swap="innerHTML"><label>{{ __('jobs.page.of-doorways', ['kind' => $parcel->kind(), 'done' => $parcel->done(), 'of' => $parcel->of()]) }} <progress max="{{ max(1, $parcel->of()) }}" value="{{ $parcel->done() }}"></progress></label></p>
@endif
