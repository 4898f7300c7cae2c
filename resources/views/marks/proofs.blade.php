@use('App\Marking\Proofs')
<section aria-label="Proof of the line">
  <h2>Prove the line another way</h2>
  <p class="group-note">The gauge block and the template want one person; the leaf on packing wants two.</p>
  <table class="table proofs"><thead><tr><th scope="col">Way</th><th scope="col">Expect</th><th scope="col">Read</th><th scope="col">Says</th></tr></thead><tbody>
    @foreach (Proofs::WAYS as $way)
      @php($name = Proofs::name($way))
      <tr><th scope="row">{{ $name }}<small>{{ $proofs->how($way) }}</small></th><td class="number">{{ $proofs->expected($way) }}</td>
        <td><input class="form-control" aria-label="{{ $name }}" name="read" type="text" autocomplete="off" value="{{ $proofs->typed($way) }}" hx-post="{{ route('marks.prove', $form->doorway) }}" hx-trigger="change" hx-vals='@json(['way' => $way])' @isset($proofs->refused[$way]) aria-invalid="true" aria-describedby="no-{{ $way }}" @endisset>@isset($proofs->refused[$way])<span class="refused" id="no-{{ $way }}" role="alert">{{ $proofs->refused[$way]['says'] }}</span>@endisset</td>
        <td aria-live="polite">{{ $proofs->says($way) }}@if ($proofs->readAt($way))<small>{{ $proofs->readAt($way) }}</small>@endif</td></tr>
    @endforeach
  </tbody></table>
</section>
