<x-page :title="$bench->doorway->name.', '.$bench->station->label()" class="is-bench">
  <main id="bench" hx-target="#bench" hx-swap="morph" hx-ext="morph" hx-sync="#bench:queue all" hx-include="#base">
    @include('bench.bench')
  </main>
  <dialog id="why" aria-label="Where this number comes from"></dialog>
</x-page>
