<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $unit->title() }}</title>
<style>
    @page { margin: 14mm; }
    body { font: 12pt/1.35 "DejaVu Sans"; color: #111; margin: 0; }
    .label { border: 1.4pt dashed #111; padding: 10pt; width: 120mm; }
    h1 { font-size: 26pt; margin: 0; line-height: 1; }
    p { margin: 2pt 0; }
    td { vertical-align: top; }
    .note { font-size: 8pt; color: #333; }
</style>
</head>
<body>
<div class="label"><table><tr>
    <td style="width: 82mm">
        <h1>{{ $unit->title() }}</h1>
        <p><b>{{ $shape }}</b></p>
        <p>{{ $count }} × {{ $filters }}, arrows {{ $arrows }}</p>
        <p>Run at speed <b>{{ $speed }}</b>: {{ $air }} of clean air</p>
        <p>{{ $unit->made_at ? 'Made' : 'Begun' }} {{ $began->format('j F Y') }}</p>
        @if ($due->isPast())
        <p><b>Filters overdue since {{ $due->format('F Y') }}</b></p>
        @else
        <p>Filters due by <b>{{ $due->format('F Y') }}</b>, sooner in smoke or dust</p>
        @endif
        @if ($hasBareMotor)
        <p><b>Mains motor: unplug before opening; repairs by a qualified person only</b></p>
        @endif
    </td>
    <td><img src="{{ $code }}" style="width: 32mm"></td>
</tr></table>
<p class="note">{{ $address }}</p>
@if (! $isReachable)
<p class="note"><b>A phone cannot come here: this address is of one machine alone.</b> Start Jornel on your network (up --lan) or set APP_URL, then print the label again.</p>
@endif
</div>
</body>
</html>
