<x-practice :title="__('practice.page.record-of', ['name' => $record->name()])" print>
<main class="list practice-certificate">
  @include('practice.record')
  <h2>{{ __('practice.page.gone-through') }}</h2>
  <ul>@foreach ($record->rounds() as $row)<li>{{ __("practice.levels.{$row['level']}") }}: {{ trans_choice('practice.page.times', $row['count']) }}, {{ $row['last']->isoFormat('LL') }}</li>@endforeach</ul>
  <p class="group-note">{{ __('practice.page.certified') }}</p>
  <p class="group-note">{{ __('practice.page.date', ['date' => now()->isoFormat('LL')]) }}</p>
</main>
</x-practice>
