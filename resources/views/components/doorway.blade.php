{{-- A page of a doorway: its rail of stations, the pages of the station one is at, then the page. --}}
@props(['frame', 'class' => '', 'print' => null])
<x-page :title="$frame->doorway->name.', '.__('frame.pages.'.$frame->page)" at="jobs" :class="$class" :doorway="$frame->doorway" :units="$frame->doorway->unitsShown()">
@include('frame.doorway')
{{ $slot }}
</x-page>
