@php($waiting = App\Editing\Notices::waiting(App\Http\Editor::here()))
@if ($waiting->isNotEmpty())
<section class="waiting" aria-label="{{ __('top.page.meanwhile') }}">
  @foreach ($waiting as $notice)
    <div class="notice" role="status">{{ $notice->says->says() }}
      @if ($notice->put_back && $notice->doorway_id)<form method="post" action="{{ route('notices.put-back', $notice) }}">@csrf<button>{{ __('top.page.put-yours-back') }}</button></form>@endif
      <form method="post" action="{{ route('notices.seen', $notice) }}">@csrf<button>{{ __('top.page.seen') }}</button></form>
    </div>
  @endforeach
</section>
@endif
