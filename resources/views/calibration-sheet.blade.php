@php
  $signed = fn (float $v): string => ($v < 0 ? "\u{2212}" : '+').number_format(abs($v), $look['decimals'] + 1);
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $tool->code }}, calibration of {{ $on }}</title>
<style>
  @page { margin: 13mm 14mm 16mm; }
  body { font-family: Archivo, 'DejaVu Sans', sans-serif; font-size: 8.5pt; color: #111; }
  h1 { font-size: 21pt; margin: 0; }
  h2 { font-size: 10.5pt; margin: 11pt 0 3pt; border-bottom: 0.6pt solid #111; }
  table { width: 100%; border-collapse: collapse; }
  td, th { text-align: left; vertical-align: top; padding: 2.5pt 8pt 2.5pt 0; border-bottom: 0.3pt solid #aaa; }
  th { font-weight: normal; color: #444; font-size: 7.5pt; }
  .soft { color: #444; font-size: 7.5pt; }
  .number, th.number { text-align: right; }
  .plain td { border: 0; padding: 0 8pt 2pt 0; }
  .out { font-weight: bold; text-decoration: underline; }
</style>
</head>
<body>
<div class="soft">{{ $shop }}. Calibration sheet{{ $demo ? '; a demo, never to be kept as a record' : '' }}</div>
<h1>{{ $tool->code }}</h1>
<div style="font-size: 11pt">{{ $tool->name }}, {{ $record->range->typeset() }}, steps of {{ $record->resolution->typeset() }}</div>
<p style="font-size: 11pt"><b>{{ $passes[count($passes) - 1]['says'] ?? '' }}</b></p>
<table class="plain">
  <tr><td style="width: 50%">Calibrated on {{ $on }} by {{ $person }}; {{ implode(', ', $laboratory) }}</td><td>Certificate {{ $row->certificate }}; good until {{ $due }}</td></tr>
  <tr><td>Against {{ $standard ? $standard->code.', '.$standard->name.', ±'.$look['standard'].' (k = 2)' : 'the standard named on the certificate' }}</td><td>{{ implode(' and ', $sheet->directions()) }}; pre-loaded {{ $sheet->preloads }} {{ $sheet->preloads === 1 ? 'time' : 'times' }}{{ $sheet->temperature === null ? '' : "; $sheet->temperature °C" }}{{ $sheet->humidity === null ? '' : ", $sheet->humidity %" }}</td></tr>
  @if ($look['adapter'] !== null)<tr><td colspan="2">{{ $look['adapter'] }}</td></tr>@endif
  <tr><td>Permissible {{ $look['limit_words'] }}</td><td>Between found and left: {{ str_replace('_', ' ', $sheet->adjustment) }}</td></tr>
</table>
@foreach ($passes as $pass)
<h2>{{ $pass['says'] }}</h2>
<table>
  <tr><th>point</th><th>readings</th><th>deviations, {{ $look['measure'] }}</th><th class="number">mean</th><th class="number">uncertainty, k = 2</th></tr>
  @foreach ($pass['points'] as $point)
  <tr>
    <td><b>{{ $point['words'] }}</b></td>
    <td>{{ implode('  ', $pass['readings'][$point['key']] ?? []) }}</td>
    <td>@foreach ($point['deviations'] as $i => $deviation)<span class="{{ $point['conforms'][$i] ? '' : 'out' }}">{{ $signed($deviation) }}</span>&nbsp; @endforeach</td>
    <td class="number">{{ $signed($point['mean']) }}</td>
    <td class="number">{{ number_format($point['expanded'], $look['decimals'] + 1) }}</td>
  </tr>
  @endforeach
</table>
@if ($pass['near'])<p class="soft">Nearer to the limit than the calibration can tell: {{ implode(', ', $pass['near']) }}.</p>@endif
@endforeach
<h2>Where the uncertainty comes from, at {{ $passes[count($passes) - 1]['points'][0]['words'] ?? '' }}</h2>
<table>
  @foreach ($passes[count($passes) - 1]['points'][0]['lines'] ?? [] as $line)
  <tr><td style="width: 40%">{{ $line['name'] }}</td><td class="number" style="width: 15%">{{ number_format($line['size'], $look['decimals'] + 2) }} {{ $look['measure'] }}</td><td class="soft">{{ $line['from'] }}</td></tr>
  @endforeach
</table>
<h2>By which rule</h2>
<p>{{ $look['rule_words'] }} @if ($look['measure'] === '%')A deviation is what the tool shows less what the standard reads, by what the standard reads; above zero the tool gives too little.@else A deviation is what the tool shows less what is true.@endif</p>
<p class="soft">This sheet is no certificate of an accredited laboratory unless one is named above. Limits that are noted as from memory are to be held against the standard. Record {{ $leaf }}. The maker’s current instruction, local codes and safety rules, and licensed or accredited practice govern.</p>
</body>
</html>
