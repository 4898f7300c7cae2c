<x-doorway :frame="App\Frame\DoorwayFrame::of($walk->doorway, 'wall.measure')" class="is-site is-walk">
@include('survey.page')
</x-doorway>
