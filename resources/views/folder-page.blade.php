<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $sheet['title'] }}, page for the folder</title>
<style>
  @page { margin: 13mm 14mm 16mm; }
  body { font-family: Archivo, 'DejaVu Sans', sans-serif; font-size: 8.5pt; color: #111; }
  h1 { font-size: 19pt; margin: 0; }
  h2 { font-size: 10.5pt; margin: 10pt 0 2pt; border-bottom: 0.6pt solid #111; }
  table { width: 100%; border-collapse: collapse; }
  td, th { text-align: left; vertical-align: top; padding: 3pt 7pt 3pt 0; border-bottom: 0.3pt solid #aaa; }
  th { font-weight: normal; color: #444; font-size: 7.5pt; }
  .soft { color: #444; font-size: 7.5pt; }
  .plain td { border: 0; padding: 0; }
  .answer { font-weight: bold; white-space: nowrap; }
</style>
</head>
<body>
<table class="plain"><tr>
  <td>
    <div class="soft">{{ $shop }}. For the folder of the engine{{ $demo ? '; a demo, never to be kept as a record' : '' }}</div>
    <h1>{{ $sheet['title'] }}</h1>
    <div style="font-size: 11pt">{{ $sheet['family'] }}, {{ $sheet['customer'] }}</div>
    <div class="soft">{{ implode(', ', array_filter(['Came in '.$day($sheet['opened_at']), $sheet['finished_at'] ? 'finished '.$day($sheet['finished_at']) : '', $sheet['shipped_at'] ? 'shipped '.$day($sheet['shipped_at']) : ''])) }}. It is {{ $sheet['state'] }}.</div>
  </td>
  <td style="width: 27mm; text-align: right"><img src="{{ $qr }}" style="width: 25mm" alt="code of {{ $link }}"></td>
</tr></table>
<h2>Was every fastener right, and how is it known?</h2>
<table>
  @foreach ($replies as $reply)
  <tr><td style="width: 34%">{{ $reply['words'] }}</td><td class="answer" style="width: 11%">{{ $reply['answer'] }}</td><td class="soft">{{ implode(' ', $reply['reasons']) }}@if ($reply['more']) And {{ $reply['more'] }} more.@endif</td></tr>
  @endforeach
</table>
<h2>Joints, in the order of assembly</h2>
<table>
  <tr><th style="width: 30%">joint, tightened by</th><th style="width: 20%">by whom, when</th><th style="width: 27%">how its results are known</th><th>tools</th></tr>
  @foreach ($joints as $joint)
  <tr>
    <td><b>{{ $joint['name'] }}</b>{{ $joint['hardware'] === '' ? '' : ', '.$joint['hardware'] }}{{ $joint['letter'] === '' ? '' : ', revision '.$joint['letter'] }}<br><span class="soft">{{ $joint['line'] }}</span>@if ($joint['stayed'])<br><b>not opened in this build: as {{ $joint['stayed'] }}, left it</b>@endif @if ($joint['within'])<br><b>carried in {{ $joint['within'] }}, and recorded there</b>@endif
      @foreach ($joint['permits'] as $permit)<br><span class="soft">permit {{ $permit }}</span>@endforeach
      @foreach ($joint['faults'] as $fault)<br><span class="soft">{{ $fault }}</span>@endforeach
      @foreach ($joint['cards'] as $card)<br><span class="soft">card {{ $card }}</span>@endforeach
    </td>
    @if ($joint['run'])
    <td>{{ $joint['run']['person'] }}<br><span class="soft">{{ $day($joint['run']['begun_at']) }}@if ($joint['run']['finished_at']), signed {{ $day($joint['run']['finished_at']) }}@endif</span></td>
    <td>{{ $joint['known'] === '' ? 'nothing yet' : $joint['known'] }}.@if ($joint['left'] > 0) <b>{{ $joint['left'] }} of {{ $joint['run']['all'] }} steps are not done.</b>@elseif (! $joint['run']['finished_at']) <b>Not signed.</b>@endif @if ($joint['found'] > 0) {{ $joint['found'] }} with something noticed.@endif</td>
    <td class="soft">{{ $joint['tools'] }}</td>
    @else
    <td colspan="3">{{ $joint['without'] === '' ? 'Not begun.' : ucfirst($joint['without']).'.' }}</td>
    @endif
  </tr>
  @endforeach
</table>
@if ($aside > 0)<p><b>{{ $aside }} {{ $aside === 1 ? 'reading was' : 'readings were' }} set aside</b>; the sheet names them.</p>@endif
<h2>What this page does not say</h2>
<p class="soft">That it is unaltered does not mean that it was tightened; attested is not measured; copied from paper is not typed live; and nobody knows who stood behind a borrowed badge. This page is as of {{ $printed }} and does not know what came after it: the record does, at {{ $link }}. The engine or hardware maker’s current instruction, local codes and safety rules, and licensed or accredited practice govern.</p>
</body>
</html>
