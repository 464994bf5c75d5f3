<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Shopping list</title>
<style>
    @page { margin: 14mm 13mm; }
    body { font: 9.5pt/1.35 "DejaVu Sans"; color: #111; margin: 0; }
    h1 { font-size: 17pt; margin: 0 0 2pt; }
    h2 { font-size: 11pt; margin: 10pt 0 3pt; border-bottom: 1.2pt solid #111; }
    p { margin: 0 0 6pt; }
    table { border-collapse: collapse; width: 100%; }
    td { vertical-align: top; padding: 4pt 4pt 4pt 0; border-bottom: .5pt solid #999; }
    .num { text-align: right; white-space: nowrap; }
    .note { color: #444; font-size: 8pt; }
    .box { display: inline-block; width: 9pt; height: 9pt; border: 1pt solid #111; }
</style>
</head>
<body>
<h1>Shopping list</h1>
<p>{{ $programme->name }}, {{ $date }}. For {{ implode('; ', array_map(fn ($version) => $version->units.' × '.$version->build->name.' ('.$version->build->room->name.')', $versions)) }}.</p>
<table>
@foreach ($kit->list->lines as $line)
    @continue($line->packs->packs === [])
    <tr>
        <td style="width: 16pt"><span class="box"></span></td>
        <td><b>{{ $line->name }}</b><br>{{ $line->packs->text() }}
            <div class="note">{{ $line->needed }} needed{{ $line->fromStock > 0 ? ", {$line->fromStock} from stock" : '' }}{{ $line->packs->leftOver > 0 ? ", {$line->packs->leftOver} left over" : '' }}. {{ $line->note }}</div></td>
        <td class="num">{{ $programme->currency }} {{ $line->packs->price }}</td>
    </tr>
@endforeach
    <tr><td></td><td><b>All together</b></td><td class="num"><b>{{ $programme->currency }} {{ $kit->list->firstCost() }}</b></td></tr>
</table>
@php $there = array_filter($kit->list->lines, fn ($line) => $line->packs->packs === []); @endphp
@if ($there !== [])
<h2>In stock already</h2>
<p>{{ implode('; ', array_map(fn ($line) => "{$line->needed} × {$line->name}", $there)) }}</p>
@endif
</body>
</html>
