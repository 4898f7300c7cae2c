<x-page :title="$run->doorway->name.', '.__('record.nav.site')" class="is-site">
<header class="site-top">
  <a href="{{ route('bench', [$run->doorway, 'rail']) }}" aria-label="{{ __('common.page.back-to-the-bench') }}"><x-mark /></a>
  <h1>{{ $run->doorway->name }}</h1>
  <span id="link-state" role="status"></span>
  <button type="button" id="site-all" aria-expanded="false" aria-controls="site-list">{{ __('site.page.all-steps') }}</button>
</header>
<main id="site" data-doorway="{{ $run->doorway->id }}" data-units="{{ $run->write->unit->value }}" data-entries="{{ route('site.entries', $run->doorway) }}" data-photos="{{ url("/doorways/{$run->doorway->id}/site/photos") }}" data-keep="{{ json_encode([route('site', $run->doorway), route('sheet', $run->doorway), route('parts', $run->doorway)]) }}">@include('site.steps')</main>
<aside id="site-aside" aria-label="{{ __('site.page.not-taken') }}" hidden></aside>
<aside id="site-notices" aria-live="polite"></aside>
<p id="unanswered" role="alert" hidden></p>
</x-page>
