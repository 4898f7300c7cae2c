<x-doorway :frame="new App\Frame\DoorwayFrame($walk->doorway, 'wall.measure')" class="is-site is-walk">
@include('survey.page')
</x-doorway>
