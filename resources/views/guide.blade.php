@php
    use Jornel\Core\Quantity\TapeFraction;
    $size = $isLarge ? 13.5 : 9.6;
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Guide: {{ $version->build->name }}</title>
<style>
    @page { margin: 12mm 12mm 12mm; }
    body { font: {{ $size }}pt/1.35 "DejaVu Sans"; color: #111; margin: 0; }
    h1 { font-size: 1.9em; margin: 0; line-height: 1.1; }
    h2 { font-size: 1.2em; margin: 8pt 0 3pt; border-bottom: 1.2pt solid #111; padding-bottom: 1pt; }
    p { margin: 0 0 3pt; }
    table { border-collapse: collapse; width: 100%; }
    td, th { vertical-align: top; text-align: left; padding: 1pt 4pt 1pt 0; }
    .note { color: #333; font-size: .86em; }
    .step { page-break-inside: avoid; border-top: 1.4pt solid #111; padding: 6pt 0 8pt; }
    .number { font-size: 2.1em; font-weight: bold; line-height: 1; }
    .action { font-size: 1.12em; }
    .hold { font-weight: bold; margin: 2pt 0; }
    .box { display: inline-block; width: 1em; height: 1em; border: 1.2pt solid #111; margin-right: 4pt; }
    .who { border-bottom: .6pt solid #777; }
    .care { border: 1pt solid #111; padding: 2pt 5pt; margin-top: 3pt; font-size: .86em; }
    .lines td, .lines th { border-bottom: .4pt solid #aaa; }
    .label { border: 1.4pt dashed #111; padding: 8pt; page-break-inside: avoid; }
</style>
</head>
<body>
<h1>{{ $guide->design->shape->name() }}</h1>
<p>{{ $version->build->name }} · {{ $version->build->room->name }}, {{ $version->build->room->site->name }} · {{ $version->build->room->site->programme->name }} · version {{ $version->number }}</p>
<p class="note">About {{ 5 * (int) ceil($guide->work() / 5) }} minutes for one person, about {{ (int) round($guide->looking()) }} of them counting and looking; at least {{ (int) round($guide->shortest()) }} with many hands. Local codes, the makers’ instructions and licensed trades come first.</p>
@if ($cuts)
<h2>Cut list</h2>
<table class="lines">
    <tr><th></th><th>Part</th><th>Size, in</th><th>Hole, in</th><th>Where its middle is</th></tr>
    @foreach ($cuts as $cut)
    <tr><td><span class="box"></span></td><td>{{ $cut->name() }}</td><td>{{ $cut->width->text() }} × {{ $cut->height->text() }} <span class="note">({{ round($cut->panel->width * 1000) }} × {{ round($cut->panel->height * 1000) }} mm)</span></td>
        <td>{{ $cut->hole?->text() }}</td><td class="note">{{ $cut->hole ? $cut->centre() : $cut->note() }}</td></tr>
    @endforeach
</table>
@endif
<h2>Steps</h2>
@foreach ($steps as [$step, $images])
<div class="step"><table><tr>
    <td style="width: {{ $isLarge ? 38 : 33 }}%">
        @foreach ($images as [$label, $image])
        @if ($label !== '')<b>{{ $label }}</b>@endif
        <img src="{{ $image }}" style="{{ count($images) === 1 ? 'width: '.($isLarge ? 64 : 56).'mm; max-height: '.($isLarge ? 74 : 58).'mm' : 'width: 25mm' }}">
        @endforeach
    </td>
    <td>
        <span class="number">{{ $step->number }}</span>
        <span class="note">{{ round($step->step->minutes()) }} min{{ $step->step->wait > 0 ? ', then wait '.round($step->step->wait).' min' : '' }}{{ $step->step->isForAdults() ? ' · adults only' : '' }}{{ $step->step->isCheck ? ' · by somebody who did not build it' : '' }}</span>
        <p class="action">{{ $step->step->action }}</p>
        <p class="note">{{ $step->step->reason }}</p>
        @if ($step->parts)<p class="note"><b>Take:</b> {{ implode('; ', array_map(fn ($part) => $part->told(), $step->parts)) }}@if ($step->step->tools()). <b>Tools:</b> {{ implode(', ', $step->step->tools()) }}@endif</p>
        @elseif ($step->step->tools())<p class="note"><b>Tools:</b> {{ implode(', ', $step->step->tools()) }}</p>@endif
        @foreach ($step->step->holds as $hold)<p class="hold"><span class="box"></span>{{ $hold }}</p>@endforeach
        @if ($step->step->holds)<table class="note"><tr><td style="width: 60%" class="who">who</td><td class="who">when</td></tr></table>@endif
        @foreach ($step->step->cautions() as $id)@if (isset($cautions[$id]))<p class="care"><b>{{ $cautions[$id]->title }}.</b> {{ $cautions[$id]->text }}</p>@endif @endforeach
    </td>
</tr></table></div>
@endforeach
<h2>Label</h2>
<div class="label">
    <p><b>{{ $guide->design->shape->name() }}</b> · {{ $guide->design->filter->name }} × {{ $guide->design->shape->filterCount($guide->design) }}</p>
    <table class="lines">
        <tr><td style="width: 30%">Number</td><td></td></tr><tr><td>Built by, on</td><td></td></tr><tr><td>Checked by</td><td></td></tr><tr><td>Run at speed</td><td></td></tr><tr><td>Filters in since</td><td></td></tr><tr><td>Filters due</td><td></td></tr>
    </table>
</div>
</body>
</html>
