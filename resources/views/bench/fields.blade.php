@php($url = route('changes', [$doorway, $bench->station->value]))
<div class="fields">
@foreach ($bench->groups() as $group)
  <fieldset>
    <legend>{{ $group->title }}</legend>
    @foreach ($group->rows as $row)
      <div @class(['row-of', 'many' => count($row->fields) > 1, 'whole' => count($row->fields) > 2])>
        <span class="row-label" @if (count($row->fields) > 1) aria-hidden="true" @endif>@if (count($row->fields) === 1)<label for="{{ $row->fields[0]->id() }}">{{ $row->label }}</label>@else{{ $row->label }}@endif</span>
        <span class="row-fields">
        @foreach ($row->fields as $field)
          @include('bench.field')
        @endforeach
        @if ($row->remove)
          <button type="button" class="take-out" hx-post="{{ $url }}" hx-vals='@json(['place' => $row->remove, 'remove' => 1])' title="Take {{ lcfirst($row->label) }} out"><span aria-hidden="true">×</span><span class="visually-hidden">Take {{ lcfirst($row->label) }} out</span></button>
        @endif
        </span>
        @foreach ($row->fields as $field)
          @isset($bench->refused[$field->place])
            <p class="refused" id="{{ $field->id() }}-says" role="alert">{{ $bench->refused[$field->place]['says'] }}</p>
          @endisset
        @endforeach
      </div>
    @endforeach
    @if ($group->note)<p class="group-note">{{ $group->note }}</p>@endif
  </fieldset>
@endforeach
</div>
