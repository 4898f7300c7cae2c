{{-- The old leaves a new one is made from, one by one: as each is, what is cut, what is solid then, what is filled. --}}
@foreach ($leaf->oldLeaves() as $old)
  @if ($loop->first)<p class="group-note">{{ __('bench.made.old.legend') }}</p>@endif
  <section class="old-leaf" aria-label="{{ $old->title() }}">
    <figure>{!! $old->drawing() !!}</figure>
    <div>
      <h3>{{ $old->title() }}</h3>
      @foreach (['cuts' => $old->cuts(), 'solid-then' => $old->solid(), 'fills' => $old->fills()] as $what => $lines)
        @if ($lines !== [])<h4>{{ __("bench.made.old.{$what}") }}</h4><ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
      @endforeach
    </div>
  </section>
@endforeach
