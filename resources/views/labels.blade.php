<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Labels</title>
<style>
  @page { margin: 12mm 10mm; }
  body { font-family: Archivo, 'DejaVu Sans', sans-serif; color: #111; margin: 0; }
  table { width: 100%; border-collapse: collapse; table-layout: fixed; }
  td.label { border: 0.3pt dashed #888; padding: 2.5mm; height: 24mm; vertical-align: top; page-break-inside: avoid; }
  .code { font-size: 17pt; font-weight: bold; white-space: nowrap; }
  .inside { table-layout: auto; }
  .soft { font-size: 7pt; color: #333; }
  .inside td { border: 0; padding: 0; vertical-align: top; }
</style>
</head>
<body>
<table>
  @foreach ($rows as $row)
  <tr>
    @foreach ($row as $label)
    <td class="label"><table class="inside"><tr>
      <td style="width: 21mm"><img src="{{ $label['qr'] }}" style="width: 19mm" alt=""></td>
      <td><div class="code">{{ $label['code'] }}</div>@foreach ($label['lines'] as $line)<div class="soft">{{ $line }}</div>@endforeach<div class="soft">{{ $shop }}</div></td>
    </tr></table></td>
    @endforeach
    @for ($i = count($row); $i < $in_a_row; $i++)<td class="label" style="border: 0"></td>@endfor
  </tr>
  @endforeach
</table>
</body>
</html>
