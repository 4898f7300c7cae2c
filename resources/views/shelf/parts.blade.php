<x-page :title="__('shelf.parts.title')" at="shelf" class="is-list">
<header class="bar-job"><div class="whose"><h1>{{ __('top.nav.shelf') }}</h1></div><nav class="tabs" aria-label="{{ __('top.nav.shelf') }}"><a href="{{ route('shelf') }}">{{ __('frame.pages.kits') }}</a><a href="{{ route('shelf.parts') }}" aria-current="page">{{ __('frame.pages.parts') }}</a></nav></header>
<main class="list">
  <p>{{ __('shelf.parts.why') }}</p>
  <div class="list-head">
    <form class="new" method="post" action="{{ route('shelf.parts.store') }}">@csrf
      <select class="form-select" name="kind" aria-label="{{ __('shelf.parts.kind') }}">@foreach (YokeLine\Doorway\LooseKind::cases() as $kind)<option value="{{ $kind->value }}" @selected(old('kind') === $kind->value)>{{ __("shelf.kinds.{$kind->value}") }}</option>@endforeach</select>
      <input class="form-control" name="name" value="{{ old('name') }}" placeholder="{{ __('shelf.parts.name') }}" aria-label="{{ __('shelf.parts.name') }}" required maxlength="120">
      <button class="btn btn-primary">{{ __('shelf.parts.new') }}</button>
    </form>
  </div>
  @if ($errors->any())<p class="refused" role="alert">{{ $errors->first() }}</p>@endif
  <table class="table loose-parts">
    <thead><tr><th scope="col">{{ __('shelf.parts.part') }}</th><th scope="col">{{ __('shelf.parts.kind') }}</th><td></td></tr></thead>
    <tbody>
      @foreach ($parts as $part)
        <tr>
          <th scope="row"><a href="{{ route('shelf.parts.show', $part) }}">{{ $part->name }}</a></th>
          <td>{{ __("shelf.kinds.{$part->kind->value}") }}</td>
          <td><form method="post" action="{{ route('shelf.parts.destroy', $part) }}">@csrf @method('delete')<button class="btn">{{ __('shelf.parts.remove') }}<span class="visually-hidden"> {{ $part->name }}</span></button></form></td>
        </tr>
      @endforeach
    </tbody>
  </table>
</main>
</x-page>
