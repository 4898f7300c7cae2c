<section><h2>{{ $title }}</h2><table><tbody>@foreach ($rows as [$value, $name])<tr><td class="number">{{ $value }}</td><th scope="row">{{ $name }}</th></tr>@endforeach</tbody></table></section>
