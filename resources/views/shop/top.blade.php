<header class="top">
  <a class="home" href="{{ route('jobs') }}" aria-label="All jobs"><x-mark /></a>
  <div class="whose"><h1>{{ $title }}, {{ $job->name }}</h1><a href="{{ route('jobs') }}">Back to the jobs</a></div>
  <nav class="pair" aria-label="Buying and time">@foreach (['Materials' => 'materials', 'Supply' => 'supply', 'Day plan' => 'day-plan', 'To give out' => 'jobs.paper'] as $name => $route)<a href="{{ route($route, $job) }}" @if ($title === $name) aria-current="page" @endif>{{ $name }}</a>@endforeach</nav>
  <button type="button" class="btn" id="print">Print</button>
</header>
