<x-page :title="$form->doorway->name.', how sure'" class="is-marks">
@include('record.top', ['title' => 'How sure', 'doorway' => $form->doorway, 'setout' => $form->setout])
<main id="marks" class="marks-page has-settings" hx-target="#marks" hx-swap="morph" hx-ext="morph" hx-sync="#marks:queue all" hx-include="#base">@include('record.sure-rows')</main>
<p id="unanswered" role="alert" hidden>No answer from Yoke Line: the last change is <b>not kept</b>. It still stands in its field; change it again when the connection is back.</p>
</x-page>
