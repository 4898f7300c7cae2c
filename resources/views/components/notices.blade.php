@php($waiting = App\Editing\Notices::waiting(App\Http\Editor::here()))
@if ($waiting->isNotEmpty())
<section class="waiting" aria-label="Meanwhile">
  @foreach ($waiting as $notice)
    <div class="notice" role="status">{{ $notice->says }}
      @if ($notice->put_back && $notice->doorway_id)<form method="post" action="{{ route('notices.put-back', $notice) }}">@csrf<button>Put yours back</button></form>@endif
      <form method="post" action="{{ route('notices.seen', $notice) }}">@csrf<button>Seen</button></form>
    </div>
  @endforeach
</section>
@endif
