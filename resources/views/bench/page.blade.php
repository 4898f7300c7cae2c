<x-page :title="$bench->doorway->name.', '.$bench->station->label()" class="is-bench">
  <main id="bench" hx-target="#bench" hx-swap="morph" hx-ext="morph" hx-sync="#bench:queue all" hx-include="#base">
    @include('bench.bench')
  </main>
  <p id="unanswered" role="alert" hidden>No answer from Yoke Line: the last change is <b>not kept</b>. It still stands in its field; change it again when the connection is back.</p>
  <dialog id="why" aria-label="Where this number comes from"></dialog>
</x-page>
