<h2>{{ $is }}</h2>
<p>{{ App\Words\Terms::says($word, 'says') }}</p>
{!! App\Words\Terms::drawing($word) !!}
