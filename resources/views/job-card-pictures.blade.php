{{-- Three in a row, each over what is to be seen on it; in words and line as well as in colour. One that nobody has brought is left out. --}}
<table style="width: auto">
  @foreach (array_chunk(array_filter($shown, fn (array $p): bool => isset($pictures[$p['file']])), 3) as $row)
  <tr>
    @foreach ($row as $picture)
    <td style="border: 0; width: 50mm"><img src="{{ $pictures[$picture['file']] }}" style="width: 48mm; border: {{ $picture['shows'] === 'right' ? '1px solid' : '2px dashed' }} #222" alt=""><br><b>{{ $picture['shows'] }}</b>, {{ $picture['says'] }}</td>
    @endforeach
  </tr>
  @endforeach
</table>
