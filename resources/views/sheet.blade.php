@php
    use Jornel\Core\Quantity\Display;
    $room = $version->build->room;
    // Many cuts, or one that says much, are told in lines; else they stand side by side.
    $inLines = count($sheet->cuts) > 3 || max([0, ...array_map(fn ($cut): int => mb_strlen((string) $cut->note()), $sheet->cuts)]) > 80;
    $drawn = count($sheet->cuts) > 3 ? 11 : 24;
    $show = fn (Display $display, float $si): string => $display->text($si, $measure);
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Build sheet: {{ $version->build->name }}</title>
<style>
    @page { margin: 10mm 11mm 9mm; }
    body { font: {{ 7.6 * $scale }}pt/1.28 "DejaVu Sans"; color: #111; margin: 0; }
    h1 { font-size: 2em; margin: 0; line-height: 1.1; }
    h2 { font-size: 1.13em; margin: 5pt 0 2pt; border-bottom: 1.2pt solid #111; padding-bottom: 1pt; }
    p { margin: 0; }
    table { border-collapse: collapse; width: 100%; }
    td, th { vertical-align: top; text-align: left; padding: 1pt 3pt 1pt 0; }
    th { font-weight: normal; color: #444; }
    .num { text-align: right; white-space: nowrap; }
    .lines td { border-bottom: .4pt solid #bbb; }
    .note { color: #444; font-size: .87em; }
    .hold { font-weight: bold; }
    .box { display: inline-block; width: 6.5pt; height: 6.5pt; border: .8pt solid #111; margin-right: 2pt; }
    .col { width: 50%; }
    .left { padding-right: 9pt; }
    .head td { padding-bottom: 3pt; }
    .verdict { border: 1.2pt solid #111; padding: 2pt 5pt; }
    .cautions td { width: 50%; padding: 1pt 8pt 1.5pt 0; font-size: .91em; line-height: 1.22; }
</style>
</head>
<body>
<table class="head" id="top"><tr>
    <td>
        <h1>{{ $unit->design->shape->name() }}</h1>
        <p>{{ $version->build->name }} · {{ $room->name }}, {{ $room->site->name }} · {{ $room->site->programme->name }}</p>
        <p class="note">Version {{ $version->number }}, saved {{ $version->created_at->format('j F Y') }}{{ $version->person ? ' by '.$version->person->name : '' }} · make {{ $unit->units }}</p>
    </td>
    <td style="width: 46%"><p class="verdict">Goal: {{ $ledger->goal->name() }}, {{ $show(Display::Flow, $ledger->asks) }}.
        {{ $unit->units === 1 ? 'This unit gives' : "These {$unit->units} units give" }} <b>{{ $show(Display::Flow, $line->judged()) }}</b> at speed {{ $line->performance->speed->name }},
        {{ $show(Display::Level, $line->level) }}. {{ $unit->findings[0]->text->text($measure) }}
        <span class="note">From {{ $unit->design->provenance()->value }} figures; prove it by measuring.</span></p></td>
</tr></table>
<table><tr>
<td class="col left">
    <table><tr>
        <td style="width: 52%"><img src="{{ $picture }}" style="width: {{ 44 * $scale }}mm"></td>
        <td>
            <table class="lines">
                <tr><th>Outside</th><td>{{ $show(Display::PartLength, $unit->measurements->width) }} × {{ $show(Display::PartLength, $unit->measurements->depth) }}</td></tr>
                <tr><th>Height</th><td>{{ $show(Display::PartLength, $unit->measurements->height) }}</td></tr>
                <tr><th>Joining</th><td>{{ $unit->design->joining->name }}</td></tr>
                <tr><th>Corners</th><td>{{ $unit->design->corners->label() }}</td></tr>
                <tr><th>Weight</th><td>{{ $show(Display::Mass, $unit->measurements->mass) }}{{ $unit->measurements->tipping === null ? '' : ', tips at '.$show(Display::Angle, $unit->measurements->tipping) }}</td></tr>
                <tr><th>Work</th><td>about {{ $sheet->minutesTold() }} min each</td></tr>
            </table>
        </td>
    </tr></table>
    <h2>Get</h2>
    <table class="lines">
        @foreach ($shopping->lines as $item)
        <tr>
            <td><span class="box"></span></td>
            <td class="num"><b>{{ $item->needed }}</b></td>
            <td>{{ $item->name }}@if ($item->note) <span class="note">{{ $item->note }}</span>@endif</td>
            <td>{{ $item->fromStock ? $item->fromStock.' from stock'.($item->packs->packs ? ', ' : '') : '' }}{{ $item->packs->text() }}
                @if ($item->packs->leftOver)<span class="note">{{ $item->packs->leftOver }} left over</span>@endif</td>
            <td class="num">{{ $item->packs->price }}</td>
        </tr>
        @endforeach
        <tr><td></td><td></td><td><b>First cost</b> <span class="note">typical prices</span></td><td class="note">each change of filters {{ $sheet->shopping->changeCost() }}</td><td class="num"><b>{{ $room->site->programme->currency }} {{ $shopping->firstCost() }}</b></td></tr>
    </table>
    @if ($sheet->cuts)
    <h2>Cut <span class="note">for one unit; measure your filters before you cut</span></h2>
    @if (! $inLines)
    <table><tr>
        @foreach ($sheet->cuts as $i => $cut)
        <td style="width: {{ 100 / max(2, count($sheet->cuts)) }}%"><b>{{ $cut->name() }}</b><br>
            <img src="{{ $plans[$i] }}" style="width: {{ (count($sheet->cuts) > 2 ? 25 : 32) * $scale }}mm"><br>
            @include('sheet-cut')
        </td>
        @endforeach
    </tr></table>
    @else
    <table class="lines">
        @foreach ($sheet->cuts as $i => $cut)
        <tr>
            <td style="width: {{ $drawn * $scale + 2 }}mm"><img src="{{ $plans[$i] }}" style="{{ $cut->panel->height > $cut->panel->width ? 'height' : 'width' }}: {{ $drawn * $scale }}mm"></td>
            <td><b>{{ $cut->name() }}</b> @include('sheet-cut')</td>
        </tr>
        @endforeach
    </table>
    @endif
    @endif
</td>
<td class="col">
    <h2 style="margin-top: 0">Make</h2>
    <table class="lines">
        @foreach ($sheet->steps as $i => $step)
        <tr>
            <td class="num"><b>{{ $i + 1 }}</b></td>
            <td>{{ $step->action }}
                @if ($step->holds)<br>@foreach ($step->holds as $hold)<span class="box"></span><span class="hold">{{ $hold }}</span> @endforeach @endif</td>
            <td class="num note">{{ round($step->minutes()) }} min</td>
        </tr>
        @endforeach
    </table>
    @foreach ($unit->assembly->remarks as $remark)<p class="note">Note: {{ $remark }}</p>@endforeach
</td>
</tr></table>
<h2>Take care <span class="note">Local codes, the makers’ instructions and licensed trades come first.</span></h2>
<table class="cautions">
    @foreach (array_chunk($sheet->cautions, 2) as $pair)
    <tr>@foreach ($pair as $caution)<td><b>{{ $caution->title }}.</b> {{ $caution->text }}</td>@endforeach</tr>
    @endforeach
</table>
<p id="end"></p>
</body>
</html>
