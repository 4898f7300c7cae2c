<x-page :title="$form->doorway->name.', marks'" class="is-marks">
@include('marks.top', ['title' => 'Marks', 'doorway' => $form->doorway, 'setout' => $form->setout])
<main id="marks" class="marks-page has-settings" hx-target="#marks" hx-swap="morph" hx-ext="morph" hx-sync="#marks:queue all" hx-include="#base">@include('marks.marks')</main>
<p id="unanswered" role="alert" hidden>No answer from Yoke Line: the last change is <b>not kept</b>. It still stands in its field; change it again when the connection is back.</p>
</x-page>
