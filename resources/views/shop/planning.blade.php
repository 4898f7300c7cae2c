{{-- How far the planning of a job with many doorways is; it goes on by itself. --}}
<div class="nothing" hx-get="{{ $url }}" hx-trigger="load" hx-swap="outerHTML" aria-live="polite">
  <p>{{ __('shop.schedule.reading', ['read' => $read, 'of' => $of]) }}</p>
  <progress max="{{ $of }}" value="{{ $read }}" aria-label="{{ __('shop.schedule.planning') }}"></progress>
</div>
