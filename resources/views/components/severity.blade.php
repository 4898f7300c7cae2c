@props(['of'])
<svg class="sign sign-{{ $of }}" viewBox="0 0 16 16" aria-hidden="true">
@switch($of)
  @case('stop') @case('stopped') <path d="M5 1h6l4 4v6l-4 4H5l-4-4V5z"/> @break
  @case('settle') @case('to-settle') <path d="M8 0l8 8-8 8-8-8z"/> @break
  @case('ok') @case('fits') <circle cx="8" cy="8" r="6"/> @break
  @default <path d="M1 6h14v4H1z"/>
@endswitch
</svg>
