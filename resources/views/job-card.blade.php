<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}, revision {{ $status->letter }}</title>
<style>
  @page { margin: 14mm 14mm 16mm; }
  body { font-family: Archivo, 'DejaVu Sans', sans-serif; font-size: 9pt; color: #111; }
  h1 { font-size: 15pt; margin: 0; }
  h2 { font-size: 10.5pt; margin: 12pt 0 3pt; border-bottom: 0.6pt solid #111; }
  .line { font-size: 12pt; margin: 4pt 0 8pt; }
  .soft { color: #444; font-size: 8pt; }
  table { width: 100%; border-collapse: collapse; }
  td, th { text-align: left; vertical-align: top; padding: 2.5pt 6pt 2.5pt 0; border-bottom: 0.3pt solid #aaa; }
  th { font-weight: normal; color: #444; font-size: 8pt; }
  .aim { font-size: 11pt; font-weight: bold; }
  td.aim { white-space: nowrap; }
  .not { border: 1.2pt solid #111; padding: 4pt 6pt; margin: 6pt 0; font-weight: bold; }
  ul { margin: 2pt 0; padding-left: 12pt; }
</style>
</head>
<body>
<table><tr>
  <td style="border: 0">
    <h1>{{ $title }}</h1>
    <div class="soft">{{ $shop }}. Revision {{ $status->letter }}, {{ $status->state->words() }}@if ($status->signature), signed by {{ $status->signature }}, {{ $status->approved_at?->setTimezone($zone)->format('j M Y') }}@endif. Risk class {{ $risk }}.</div>
    <div class="line">{{ $line }}</div>
  </td>
  <td style="border: 0; width: 26mm; text-align: right"><img src="{{ $qr }}" style="width: 24mm" alt="code of {{ $link }}"></td>
</tr></table>
@if ($status->state->value !== 'approved')
<div class="not">This revision is {{ $status->state->words() }}. It must not be worked to.</div>
@endif
@foreach ($permits as $permit)
<div class="not">Deviation permit {{ $permit['code'] }}: {{ $permit['departure'] }} ({{ $permit['valid_until'] ? 'until '.$permit['valid_until'] : 'limited by serial or count' }})</div>
@endforeach
<div style="text-align: center"><img src="{{ $map }}" style="width: {{ $map_width }}mm" alt="map"></div>
<h2>Rounds</h2>
<table>
  <tr><th>round</th><th>to</th><th>whom</th><th>good from–to</th><th>target from / window from</th></tr>
  @foreach ($sheet['rungs'] as $i => $rung)
    @foreach ($rung['rows'] as $j => $row)
    @if ($row['window'] === '' && $row['target_from'] === null && $row['window_from'] === null)
    <tr><td>{{ $j === 0 ? $i + 1 : '' }}</td><td colspan="4"><b class="aim">{{ $row['aim'] }}</b> {{ $row['whom'] }}</td></tr>
    @continue
    @endif
    <tr><td>{{ $j === 0 ? $i + 1 : '' }}</td><td class="aim">{{ $row['aim'] }}</td><td>{{ $row['whom'] }}</td><td>{{ $row['window'] }}</td><td class="soft">{{ $row['target_from'] ?? '–' }} / {{ $row['window_from'] ?? '–' }}</td></tr>
    @endforeach
    <tr><td></td><td colspan="4" class="soft">{{ $rung['how'] }} {{ $rung['why'] }}</td></tr>
    @if ($rung['pictures'])
    <tr><td></td><td colspan="4">@include('job-card-pictures', ['shown' => $rung['pictures']])</td></tr>
    @endif
  @endforeach
</table>
@foreach ($sheet['fastener_types'] as $type)
@if ($type['pictures'])
<h2>{{ ucfirst($type['name']) }}</h2>
@include('job-card-pictures', ['shown' => $type['pictures']])
@endif
@endforeach
@if ($sheet['beside'])
<h2>Beside the fasteners</h2>
<ul>@foreach ($sheet['beside'] as $beside)<li>{{ $beside }}</li>@endforeach</ul>
@endif
<h2>Needs</h2>
<div>{{ $figures['people'] }} {{ $figures['people'] === 1 ? 'person' : 'people' }}, about {{ $figures['time'] }}.
@foreach ($figures['tools'] as $tool) {{ ucfirst(str_replace('_', ' ', $tool['kind'])) }}{{ $tool['highest'] ? ' to '.$tool['highest'] : '' }}.@endforeach
@if ($figures['consumables']) Used up: {{ implode(', ', $figures['consumables']) }}.@endif
@foreach ($figures['new_fasteners'] as $new) New: {{ $new['count'] }} × {{ $new['type'] }}.@endforeach</div>
<h2>Cautions</h2>
<ul>
  @foreach ($sheet['cautions'] as $caution)<li>{{ $caution }}</li>@endforeach
  <li>The engine or hardware maker’s current instruction, local codes and safety rules, and licensed or accredited practice govern.</li>
</ul>
<h2>Sources</h2>
<ul>@foreach ($sheet['sources'] as $source)<li>{{ $source['title'] }}, {{ $source['edition'] }}, {{ $source['date'] }}, p. {{ $source['page'] }}</li>@endforeach</ul>
<p class="soft">Printed {{ $printed }}; a card on paper does not know what came after it: {{ $link }}<br>Document {{ $hash }}</p>
</body>
</html>
