<ul class="hand">@foreach ($says as $sentence)<li>{{ $speak->say($sentence) }}</li>@endforeach</ul>
