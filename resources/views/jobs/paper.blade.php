<x-page :title="$job->name.', to give out'" class="is-marks">
@include('shop.top', ['title' => 'To give out'])
<main class="marks-page">
  <ul class="parcels">
    @foreach ([['sheets', 'A4', 'Every set-out sheet on A4, one PDF'], ['sheets', 'Letter', 'Every set-out sheet on Letter, one PDF'], ['archive', 'A4', 'The whole job as one ZIP: doorways, their history and log, house rules, traces']] as [$kind, $paper, $says])
      <li><button class="btn" hx-post="{{ route('parcels', $job) }}" hx-vals='@json(['kind' => $kind, 'paper' => $paper])' hx-target="#parcel" hx-swap="innerHTML">{{ $says }}</button></li>
    @endforeach
  </ul>
  <div id="parcel" aria-live="polite"></div>
</main>
<p id="unanswered" role="alert" hidden>No answer from Yoke Line. Begin again when the connection is back.</p>
</x-page>
