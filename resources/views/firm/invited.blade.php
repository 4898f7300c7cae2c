@use('App\Models\User')
<x-page :title="__('firm.page.invited', ['firm' => $invitation->firm->name])" at="" class="is-way-in">
<main class="way-in">
  <header><x-mark /><h1>{{ __('firm.page.invited', ['firm' => $invitation->firm->name]) }}</h1></header>
  <p>{{ $invitation->user ? __('firm.page.again-as', ['email' => $invitation->user->email]) : $invitation->role->says().': '.__("firm.roles-may.{$invitation->role->value}") }}</p>
  <form method="post" action="{{ route('invited.come', $token) }}">@csrf
    @if ($invitation->user)
      @include('firm.field', ['name' => 'password', 'says' => __('firm.page.new-password', ['least' => User::SHORTEST_PASSWORD]), 'type' => 'password', 'auto' => 'new-password', 'most' => User::LONGEST_PASSWORD])
    @else
      @include('firm.person', ['called' => $invitation->name])
    @endif
    <button class="btn btn-primary">{{ __('firm.page.come-in') }}</button>
  </form>
</main>
</x-page>
