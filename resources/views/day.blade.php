<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $day->name }}</title>
<style>
    @page { margin: 12mm; }
    body { font: 9.4pt/1.35 "DejaVu Sans"; color: #111; margin: 0; }
    h1 { font-size: 1.9em; margin: 0; }
    h2 { font-size: 1.3em; margin: 10pt 0 3pt; border-bottom: 1.2pt solid #111; }
    p { margin: 0 0 3pt; }
    table { border-collapse: collapse; width: 100%; }
    td, th { vertical-align: top; text-align: left; padding: 2pt 5pt 2pt 0; border-bottom: .4pt solid #bbb; }
    .note { color: #333; font-size: .88em; }
    .num { white-space: nowrap; font-weight: bold; }
    .where { white-space: nowrap; }
    .box { display: inline-block; width: 8pt; height: 8pt; border: 1pt solid #111; }
    .card { page-break-before: always; }
    .card table { font-size: 1.2em; }
</style>
</head>
<body>
<h1>{{ $day->name }}</h1>
<p>{{ $day->starts_at->format('l j F Y, H:i') }} · {{ count($day->written['people']) }} people · {{ array_sum(array_column($day->written['units'], 'count')) }} units</p>
@if ($plan === null)
<p>Nothing is planned yet.</p>
@else
<p class="note">Done after {{ round($plan['length']) }} minutes of {{ round($plan['bound']) }} at the least. {{ $plan['why'] }}</p>
<h2>Run sheet</h2>
<table>
    <tr><th></th><th>When</th><th>Unit</th><th>What</th><th>Who</th><th>Where</th></tr>
    @foreach ($tasks as $task)
    <tr><td><span class="box"></span></td><td class="num">{{ $task['clock'] }}</td><td>{{ $task['unit'] }}</td><td>{{ $task['action'] }}@if ($task['adults_only']) <span class="note">(adults only)</span>@endif</td><td>{{ implode(', ', $task['people']) }}</td><td class="where">{{ $task['place'] }}</td></tr>
    @endforeach
</table>
<h2>On the tables</h2>
@foreach ($tables as $place => $takes)
<p><b>{{ $place }}</b>@if (isset($takes['tools'])): {{ implode(', ', array_keys($takes['tools'])) }}@endif</p>
<p class="note">{{ implode('; ', array_map(fn ($part, $units) => $part.' ('.implode(', ', array_keys($units)).')', array_keys($takes['parts'] ?? []), $takes['parts'] ?? [])) }}</p>
@endforeach
@foreach ($cards as $name => $own)
<div class="card">
    <h1>{{ $name }}</h1>
    <p class="note">{{ $day->name }}. Blades and hot glue are for adults. Ask before you guess; tick when it is done.</p>
    <table>
        @foreach ($own as $task)
        <tr><td><span class="box"></span></td><td class="num">{{ $task['clock'] }}</td><td>Unit {{ $task['unit'] }}</td><td>{{ $task['action'] }}</td><td class="where">{{ $task['place'] }}</td></tr>
        @endforeach
    </table>
</div>
@endforeach
@endif
</body>
</html>
