<input type="hidden" id="base" name="base" value="{{ $page->doorway->revision_id }}">
@include('frame.doorway', ['frame' => $page->frame()])
{!! $page->body() !!}
