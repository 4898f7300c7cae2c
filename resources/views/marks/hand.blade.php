<ul class="hand">@foreach ($says as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
