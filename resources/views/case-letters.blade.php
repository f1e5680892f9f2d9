<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Letters of case {{ $case['number'] }}</title>
<style>
  @page { margin: 20mm 20mm 18mm; }
  body { font-family: Archivo, 'DejaVu Sans', sans-serif; font-size: 10pt; color: #111; line-height: 1.45; }
  h1 { font-size: 15pt; margin: 22mm 0 6mm; }
  h2 { font-size: 11pt; margin: 6mm 0 1mm; }
  .letter { page-break-after: always; }
  .letter.last { page-break-after: auto; }
  .soft { color: #444; font-size: 8.5pt; }
  ul { margin: 1mm 0; padding-left: 5mm; }
</style>
</head>
<body>
@foreach ($letters as $customer => $engines)
<div class="letter {{ $loop->last ? 'last' : '' }}">
  <div>{{ $shop }}{{ $demo ? ' (a demo)' : '' }}</div>
  <div class="soft">{{ $printed }}, case {{ $case['number'] }}</div>
  <p style="margin-top: 14mm">To {{ $customer }}</p>
  <h1>A tool that we used on {{ count($engines) === 1 ? 'an engine' : 'engines' }} of yours was found to be wrong</h1>
  <p>{{ $why }}. We have judged every result again that it gave {{ $case['since'] ? 'since '.\Tekkal\Core\Tool\Day::of($case['since'])->words() : 'at any time' }} ({{ $case['since_why'] }}), by what it read as it was found.</p>
  @foreach ($engines as $engine)
  <h2>{{ $engine['serial'] }}, {{ $engine['where'] }}</h2>
  <ul>
    @foreach ($engine['joints'] as $joint)<li>{{ $joint['says'] }}</li>@endforeach
  </ul>
  @foreach ($engine['decisions'] as $decision)<p><b>{{ $decision['about'] === '' ? 'What becomes of it' : $decision['about'] }}: {{ $decision['words'] }}.</b></p>@endforeach
  @if (! $engine['decided'])<p><b>We have not decided yet what becomes of {{ $engine['decisions'] === [] || $engine['open'] === '' ? 'it' : $engine['open'] }}, and will write again.</b></p>@endif
  @endforeach
  <p class="soft">Positions are those of the joint’s map, which is in the engine’s record. “Outside” means that the true value lies outside the window that the procedure allows; “in doubt”, that it lies nearer to a limit than the calibration can tell. The maker’s current instruction, local codes and safety rules, and licensed or accredited practice govern.</p>
</div>
@endforeach
</body>
</html>
