@use('App\Marking\Proofs')
<section aria-label="{{ __('marks.page.proof-of-the-line') }}">
  <h2>{{ __('marks.page.prove-the-line-another-way') }}</h2>
  <p class="group-note">{{ __('marks.page.the-gauge-block-and-the') }}</p>
  <table class="table proofs"><thead><tr><th scope="col">{{ __('marks.page.way') }}</th><th scope="col">{{ __('marks.page.expect', ['unit' => $form->setout->write->unit->value]) }}</th><th scope="col">{{ __('marks.page.read', ['unit' => $form->setout->write->unit->value]) }}</th><th scope="col">{{ __('marks.page.says') }}</th></tr></thead><tbody>
    @foreach (Proofs::WAYS as $way)
      @php($name = Proofs::name($way))
      <tr><th scope="row">{{ $name }}<small>{{ $proofs->how($way) }}</small></th><td class="number">{{ $proofs->expected($way) }}</td>
        <td><input class="form-control" aria-label="{{ $name }}" name="read" type="text" autocomplete="off"
            value="{{ $proofs->typed($way) }}" hx-post="{{ route('marks.prove', $form->doorway) }}"
            hx-vals='@json(['way' => $way])'
            @isset($proofs->refused[$way]) aria-invalid="true" aria-describedby="no-{{ $way }}" @endisset>
          @isset($proofs->refused[$way])
            <span class="refused" id="no-{{ $way }}" role="alert">{{ $proofs->refused[$way]['says'] }}</span>
          @endisset</td>
        <td aria-live="polite">{{ $proofs->says($way) }}@if ($proofs->readAt($way))<small>{{ $proofs->readAt($way) }}</small>@endif</td></tr>
    @endforeach
  </tbody></table>
</section>
