@php($mayPlan = app(App\Firm\Here::class)->may(App\Firm\Ability::Plan))
<div class="fields" data-changes="{{ $form->changesUrl() }}">
@foreach ($form->groups() as $group)
  <fieldset @disabled(! $mayPlan)>
    <legend>{{ $group->title }}</legend>
    @foreach ($group->rows as $row)
      <div @class(['row-of', 'many' => count($row->fields) > 1, 'whole' => count($row->fields) > 2])>
        <span class="row-label">@if (count($row->fields) === 1)<label for="{{ $row->fields[0]->id() }}">{!! App\Words\Terms::linked($row->label) !!}</label>@else{!! App\Words\Terms::linked($row->label) !!}@endif</span>
        <span class="row-fields">
        @foreach ($row->fields as $field)
          @php([$id, $value, $bad] = [$field->id(), $form->value($field), $form->refusal($field) !== null])
          @php($vals = json_encode(['place' => $field->place]))
          @if ($field->isPressed())
            <span class="choice" role="group" aria-label="{{ $field->label }}">
              @foreach ($field->options as $option => $says)
                <button type="button" @if ($loop->first) id="{{ $id }}" @endif
                  data-change='@json(['place' => $field->place, 'value' => $option])'
                  aria-pressed="{{ ($value ?: $field->grey) === (string) $option ? 'true' : 'false' }}"
                  >{{ $says }}</button>
              @endforeach
            </span>
          @elseif ($field->isSelected())
            <select id="{{ $id }}" name="value" class="form-select" aria-label="{{ $field->label }}"
              data-change='{{ $vals }}'>
              @foreach ($field->options as $option => $says)
                <option value="{{ $option }}" @selected(($value ?: $field->grey) === (string) $option)>{{ $says }}</option>
              @endforeach
            </select>
          @else
            <span @class(['typed', 'is-bad' => $bad, 'is-overruled' => $form->isOverruled($field), 'is-list' => $field->kind === 'lengths', 'is-text' => $field->kind === 'text'])>
              @if ($field->caption)<span class="caption" aria-hidden="true">{{ $field->caption }}</span>@endif
              <input id="{{ $id }}" name="value" type="text" autocomplete="off"
                inputmode="{{ $form->unit()->value === 'mm' && $field->kind === 'length' ? 'decimal' : 'text' }}"
                class="form-control" value="{{ $value }}" placeholder="{{ $form->grey($field) }}"
                aria-label="{{ $field->label }}"
                @if ($bad) aria-invalid="true" aria-describedby="{{ $id }}-says" @endif
                @if ($field->kind === 'length') data-nudges @endif data-change='{{ $vals }}'>
              @if ($form->isOverruled($field))
                <button type="button" class="let-go" data-change='@json(['place' => $field->place, 'remove' => 1])'
                  title="{{ __('bench.page.let-go-back-to-or', ['field' => $form->grey($field)]) }}"><span
                    aria-hidden="true">↺</span><span class="visually-hidden"
                    >{{ __('bench.page.let-go', ['label' => lcfirst($field->label)]) }}</span></button>
              @endif
            </span>
          @endif
        @endforeach
        @if ($row->remove)
          @php($takesOut = __('bench.page.take-out', ['label' => lcfirst($row->label)]))
          <button type="button" class="take-out" data-change='@json(['place' => $row->remove, 'remove' => 1])'
            title="{{ $takesOut }}"><span aria-hidden="true">×</span><span class="visually-hidden"
              >{{ $takesOut }}</span></button>
        @endif
        </span>
        @foreach ($row->fields as $field)
          @if ($form->beside($field) !== '')<p class="as-typed" id="{{ $field->id() }}-typed"><span class="visually-hidden">{{ __('bench.page.typed-as') }} </span>({{ $form->beside($field) }})</p>@endif
          @if ($form->refusal($field) !== null)
            <p class="refused" id="{{ $field->id() }}-says" role="alert">{{ $form->refusal($field) }}</p>
          @endif
        @endforeach
      </div>
    @endforeach
    @if ($group->offers)
      <div class="offers">
        @foreach ($group->offers as $offer)
          <button type="button" data-change='@json(['changes' => json_encode($offer->changes)])'
            >{{ $offer->says }}</button>
        @endforeach
      </div>
    @endif
    @foreach ($group->links as $says => $to)<a class="group-link" href="{{ $to }}">{{ $says }}</a>@endforeach
    @if ($group->note)<p class="group-note">{!! App\Words\Terms::linked($group->note) !!}</p>@endif
  </fieldset>
@endforeach
</div>
