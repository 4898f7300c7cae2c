<section class="effect">
  <h2>{{ App\Words\RuleWords::ask($rule) }}</h2>
  @if ($preview->refused)
    <p class="refused" role="alert">{{ $preview->refused }}</p>
  @else
    <p>{{ __('rules.page.for', ['said' => ucfirst(App\Words\RuleWords::answer($rule, $said)), 'level' => $level->says(), 'preview' => App\Words\RuleWords::effect(count($preview->effects), $preview->count)]) }}</p>
    @if ($preview->effects)
      <table class="table"><thead><tr><th scope="col">{{ __('common.page.doorway') }}</th>@foreach ($preview->effects[0]->rows() as $what => $row)<th scope="col">{{ __("rules.numbers.{$what}") }}</th>@endforeach</tr></thead>
        <tbody>@foreach ($preview->effects as $effect)<tr><th scope="row">{{ $effect->doorway }}</th>@foreach ($effect->rows() as [$was, $is, $differs])<td>@if ($differs)<s>{{ $was }}</s> <b>{{ $is }}</b>@else{{ $is }}@endif</td>@endforeach</tr>@endforeach</tbody></table>
    @endif
    <form method="post" action="{{ route('rules.take', $level->query()) }}">@csrf
      <input type="hidden" name="method_key" value="{{ $rule->rule }}"><input type="hidden" name="value" value="{{ $said }}"><input type="hidden" name="why" value="{{ $why }}"><input type="hidden" name="seen" value="{{ $seen }}">
      <button class="btn btn-primary">{{ __('rules.page.apply') }}</button> <a class="btn" href="{{ route('rules', $level->query()) }}">{{ __('common.page.leave-it') }}</a>
    </form>
  @endif
</section>
