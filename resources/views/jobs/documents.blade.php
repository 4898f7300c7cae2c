<x-job :job="$job" page="documents">
<main class="marks-page">
  <ul class="parcels">
    @foreach ([['sheets', 'A4'], ['sheets', 'Letter'], ['archive', 'A4']] as [$kind, $paper])
      <li><button class="btn" hx-post="{{ route('parcels', $job) }}" hx-vals='@json(['kind' => $kind, 'paper' => $paper])' hx-target="#parcel" hx-swap="innerHTML">{{ __("jobs.page.parcels.{$kind}", ['paper' => $paper]) }}</button></li>
    @endforeach
  </ul>
  <div id="parcel" aria-live="polite"></div>
</main>
<p id="unanswered" role="alert" hidden>{{ __('jobs.page.no-answer-from-yoke-line') }}</p>
</x-job>
