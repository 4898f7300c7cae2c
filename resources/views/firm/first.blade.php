<x-page :title="__('firm.page.first')" at="" class="is-way-in">
<main class="way-in">
  <header><x-mark /><h1>{{ __('firm.page.first') }}</h1></header>
  <p>{{ __('firm.page.first-why') }}</p>
  <form method="post" action="{{ $action }}">@csrf
    @include('firm.field', ['name' => 'firm', 'says' => __('firm.page.firm'), 'value' => old('firm'), 'auto' => 'organization', 'most' => 120])
    @include('firm.person')
    <button class="btn btn-primary">{{ __('firm.page.begin') }}</button>
  </form>
</main>
</x-page>
