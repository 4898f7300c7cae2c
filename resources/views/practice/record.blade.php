{{-- What somebody has shown, by skill. --}}
<div class="table-scroll" tabindex="0" role="region" aria-label="{{ __('practice.page.record') }}">
<table class="table practice-record">
  <thead><tr><th scope="col">{{ __('practice.page.skill') }}</th><th scope="col">{{ __('practice.page.shown') }}</th><th scope="col">{{ __('practice.page.lately-of') }}</th><th scope="col">{{ __('practice.page.last') }}</th><th scope="col">{{ __('practice.page.worst') }}</th></tr></thead>
  <tbody>
    @foreach ($record->skills() as $row)
      <tr><th scope="row">{{ __("practice.skills.{$row['skill']->value}") }}</th><td class="number">{{ __('practice.page.of', ['right' => $row['right'], 'asked' => $row['asked']]) }}</td><td class="number">{{ __('practice.page.of', ['right' => $row['lately'], 'asked' => $row['of']]) }}</td><td>{{ $row['last']->isoFormat('LL') }}</td><td>{{ $row['slip'] ? __("practice.mistakes.{$row['slip']}") : '' }}</td></tr>
    @endforeach
  </tbody>
</table>
</div>
