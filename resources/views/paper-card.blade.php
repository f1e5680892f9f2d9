<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Job card {{ $number }}, {{ $serial }}, {{ $joint }}</title>
<style>
  @page { margin: 12mm 14mm 16mm; }
  body { font-family: Archivo, 'DejaVu Sans', sans-serif; font-size: 8.5pt; color: #111; }
  h1 { font-size: 17pt; margin: 0; }
  h2 { font-size: 10.5pt; margin: 9pt 0 2pt; border-bottom: 0.6pt solid #111; }
  table { width: 100%; border-collapse: collapse; }
  td, th { text-align: left; vertical-align: top; padding: 0; }
  .soft { color: #444; font-size: 7.5pt; }
  .line { font-size: 11pt; margin: 3pt 0; }
  .not { border: 1.2pt solid #111; padding: 3pt 6pt; margin: 4pt 0; font-weight: bold; }
  .rule { margin: 1.5pt 0; font-size: 7.5pt; }
  .aim { font-size: 10pt; font-weight: bold; }
  .write td { border-bottom: 0.4pt solid #777; height: 17pt; padding-top: 4pt; }
  .boxes { margin-top: 3pt; }
  .boxes td { border: 0.6pt solid #333; padding: 2pt 3pt 3pt; }
  .no { font-size: 10pt; font-weight: bold; }
  .blank { height: 21pt; }
  .blank span { float: right; }
  .tick { display: inline-block; border: 0.7pt solid #333; width: 8pt; height: 8pt; }
  .section { page-break-inside: avoid; }
</style>
</head>
<body>
<table><tr>
  <td>
    <div class="soft">{{ $shop }}. Job card <b style="font-size: 13pt; color: #111">{{ $number }}</b></div>
    <h1>{{ $serial }}</h1>
    <div style="font-size: 12pt"><b>{{ $joint }}</b>, {{ $option }}</div>
    <div class="soft">{{ $family }}. Revision {{ $letter }}, risk class {{ $risk }}. Printed {{ $printed }} by {{ $by }}.</div>
    <div class="line">{{ $line }}</div>
  </td>
  <td style="width: 27mm; text-align: right"><img src="{{ $qr }}" style="width: 25mm" alt="code of card {{ $number }}"></td>
</tr></table>
@foreach ($permits as $permit)
<div class="not">Deviation permit {{ $permit['code'] }}: {{ $permit['departure'] }}</div>
@endforeach
<table><tr>
  <td style="width: {{ $map_width + 4 }}mm"><img src="{{ $map }}" style="width: {{ $map_width }}mm" alt="map"></td>
  <td>
    <div class="rule">Write what the tool shows when it shows it, never from memory, and never the number it should be. A wrong figure is struck through and stays readable.</div>
    <div class="rule"><b>Short, over, gave way, another bolt, not sure: stop, write it under “What went wrong”, and fetch the lead.</b> The rest of the round waits.</div>
    <div class="rule">This card belongs to this engine alone and comes back, used or not. Its values are typed in by one, compared by another, and are known as copied for ever.</div>
    @foreach ($cautions as $caution)<div class="rule">{{ $caution }}</div>@endforeach
    <div class="rule">The engine or hardware maker’s current instruction, local codes and safety rules, and licensed or accredited practice govern.</div>
  </td>
</tr></table>
@if ($before)
<h2>Before the first round</h2>
<table class="write">
  @foreach (array_chunk($before, 2) as $pair)
  <tr>@foreach ($pair as $what)<td style="width: 50%">{{ $what }}:</td>@endforeach @if (count($pair) === 1)<td></td>@endif</tr>
  @endforeach
</table>
@endif
@foreach ($sections as $i => $section)
<div class="section">
<h2>{{ $i + 1 }}&ensp;{{ $section['title'] }}@if ($section['done']): all {{ count($section['boxes']) }} on record, not to be done again @endif</h2>
@if (! $section['done'])
<table><tr>
  <td>
    @foreach ($section['aims'] as $aim)<div><span class="aim">{{ $aim['says'] }}</span>@if ($aim['whom']), for {{ $aim['whom'] }}@endif</div>@endforeach
    <span class="soft">{{ $section['how'] }}</span>
  </td>
</tr></table>
@if ($section['tools'])
<table class="write"><tr>@foreach ($section['tools'] as $tool)<td>{{ $tool }}:</td>@endforeach</tr></table>
@endif
<table class="boxes">
  @foreach ($section['rows'] as $row)
  <tr>
    @foreach ($row as $box)
    <td style="width: {{ round(100 / max(1, count($section['rows'][0])), 2) }}%">
      @if ($box['where'] !== '')<span class="no">{{ $box['where'] }}</span>@endif <span class="soft">{{ $box['says'] }}</span>
      @if ($box['stands'] !== '')
      <div>on record: {{ $box['stands'] }}</div>
      @else
      @foreach ($box['wants'] as $want)
      @if ($want['tick'])<div class="soft"><span class="tick"></span> {{ $want['label'] }}</div>@else<div class="soft blank">{{ count($box['wants']) > 1 || $want['label'] !== 'reads' ? $want['label'] : '' }} <span>{{ $want['unit'] }}</span></div>@endif
      @endforeach
      @endif
    </td>
    @endforeach
  </tr>
  @endforeach
</table>
@endif
</div>
@endforeach
<div class="section">
<h2>What went wrong</h2>
<table class="write">
  <tr><td class="soft" style="width: 14%">bolt, round</td><td class="soft" style="width: 43%">what happened</td><td class="soft">what was done, new parts with lot, who decided</td></tr>
  @for ($i = 0; $i < 4; $i++)<tr><td></td><td></td><td></td></tr>@endfor
</table>
</div>
<div class="section">
<h2>At the end</h2>
<table class="write">
  <tr><td colspan="3"><span class="tick"></span> Every head carries its marks as the picture has them. Any that differs: no.</td></tr>
  <tr><td colspan="3"><b>I did this and looked at every mark.</b></td></tr>
  <tr><td style="width: 40%">Name, badge:</td><td style="width: 30%">Day, from–to:</td><td>Signature:</td></tr>
  @if ($two)<tr><td>Second person, who looked at every head:</td><td>Day:</td><td>Signature:</td></tr>@endif
</table>
</div>
</body>
</html>
