@php($sign = $frame->verdict()->sign())
<a class="verdict-chip is-{{ $sign }}" href="{{ $frame->mend() }}"><svg class="sign sign-{{ $sign }}" aria-hidden="true"><use href="#sign-{{ $sign }}"/></svg>{{ $frame->says() }}</a>
