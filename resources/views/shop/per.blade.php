@php([$ways, $per] = [$line->material->ways(), $line->rate?->per])
<input type="hidden" name="like" value="{{ $line->material->id->ofEveryLength()->key }}">
@if (count($ways) > 1)<select class="form-select" name="per" aria-label="{{ __('shop.page.price-is-for', ['material' => $list->says($line)]) }}" data-submits>@foreach ($ways as $way)<option value="{{ $way->value }}" @selected($way === $per)>{{ __('shop.per.'.($way->value ?: 'piece')) }}</option>@endforeach</select>
@elseif ($line->material->by->metric() !== 1.0)<input type="hidden" name="per" value="{{ $line->material->by->value }}">@endif
