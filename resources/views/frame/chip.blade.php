@php($sign = $howFar->verdict()->sign())
<a class="verdict-chip is-{{ $sign }}" href="{{ $howFar->mend() }}"><svg class="sign sign-{{ $sign }}" aria-hidden="true"><use href="#sign-{{ $sign }}"/></svg>{{ $howFar->says() }}</a>
