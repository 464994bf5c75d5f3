@php
    use App\Evidence\DecayRound;
    use Jornel\Core\Proof\Decay\DecayRun;
    use Jornel\Core\Quantity\Display;
    $unit = $proved->unit;
    $room = $unit->version->build->room;
    $tell = fn (Display $display, float $si): string => $display->text($si, $measure);
    $range = fn (Display $display, $interval): string => $tell($display, max(0.0, $interval->low)).' to '.$tell($display, $interval->high);
    $who = fn ($survey): string => ($survey->person->name ?? 'somebody').', '.$survey->began_at->format('j F Y');
    $names = ['design' => 'As designed', 'built' => 'As built', 'proved' => 'As proved'];
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Proof: {{ $unit->title() }}</title>
<style>
    @page { margin: 13mm 13mm 12mm; }
    body { font: 9.4pt/1.38 "DejaVu Sans"; color: #111; margin: 0; }
    h1 { font-size: 1.9em; margin: 0; line-height: 1.1; }
    h2 { font-size: 1.2em; margin: 9pt 0 3pt; border-bottom: 1.2pt solid #111; padding-bottom: 1pt; }
    p { margin: 0 0 3pt; }
    table { border-collapse: collapse; width: 100%; }
    td, th { vertical-align: top; text-align: left; padding: 1.5pt 5pt 1.5pt 0; }
    .lines td, .lines th { border-bottom: .4pt solid #aaa; }
    .note { color: #333; font-size: .88em; }
    .verdict { border: 1.4pt solid #111; padding: 5pt 8pt; margin: 5pt 0; font-size: 1.06em; }
    .block { page-break-inside: avoid; }
</style>
</head>
<body>
<h1>Proof of {{ $unit->title() }}</h1>
<p>{{ $unit->version->build->name }}, version {{ $unit->version->number }} · {{ $room->name }}, {{ $room->site->name }} · {{ $room->site->programme->name }} · {{ now()->format('j F Y') }}</p>
<table><tr>
<td style="width: 66%">
<p class="verdict">{{ $proof->says()->text($measure) }}</p>
<table class="lines">
    <tr><th></th><th>Clean air of one unit</th><th>In the room, with the building</th><th>Chance</th></tr>
    <tr><td>Goal: {{ $proved->ledger->goal->name() }}</td><td></td><td>{{ $tell(Display::Flow, $proved->ledger->asks()) }}</td><td></td></tr>
    @foreach ($proof->stages() as $stage)
    <tr><td>{{ $names[$stage->key] }}</td><td>{{ $tell(Display::Flow, $stage->cleanAir->value) }}<br><span class="note">{{ $range(Display::Flow, $stage->cleanAir) }}</span></td>
        <td>{{ $tell(Display::Flow, $stage->gets->value) }}<br><span class="note">{{ $range(Display::Flow, $stage->gets) }}</span></td><td>{{ $tell(Display::Chance, $stage->chance) }}</td></tr>
    @endforeach
</table>
<p class="note">Ranges hold the truth nineteen times in twenty (95 %). Units of this build in the room: {{ $proved->ledger->units }}. Speed judged: {{ $proved->speeds()[$proved->ledger->chosen] }}.</p>
@if ($proof->culprit())<p>{{ $proof->culprit()->text->text($measure) }}</p>@endif
</td>
<td style="text-align: center"><img src="{{ $picture }}" style="width: 56mm; max-height: 66mm"></td>
</tr></table>
@if ($rounds['decay'])
@php [$survey, $round] = $rounds['decay']; @endphp
<div class="block">
<h2>Decay test</h2>
<p class="note">Smoke let out and mixed, particles logged while the air cleared, without the unit and with it. C = Cbg + (C0 − Cbg) exp(−K t) fitted by weighted least squares; clean air = volume ({{ $tell(Display::Volume, $proved->volume()) }}) × (K with − K without). {{ $who($survey) }}.</p>
<table><tr>
    @foreach ($plots as [$name, $image])<td style="width: 50%"><b>{{ $name }}</b><br><img src="{{ $image }}" style="width: 88mm"></td>@endforeach
</tr></table>
<table class="lines">
    <tr><th>Run</th><th>Rate, 1/h</th><th>90 % gone in</th><th>99 % gone in</th><th>Readings</th></tr>
    @foreach ($round->runs as [$reading, $run])
    <tr><td>{{ DecayRound::isOn($reading) ? 'With the unit' : 'Without it' }}</td>
    @if ($run instanceof DecayRun)
        <td>{{ number_format($run->rate()->value * 3600, 2) }} <span class="note">({{ number_format($run->rate()->low * 3600, 2) }} to {{ number_format($run->rate()->high * 3600, 2) }})</span></td>
        <td>{{ $tell(Display::Minutes, $run->fit->clearing(0.9)->value) }}</td><td>{{ $tell(Display::Minutes, $run->fit->clearing(0.99)->value) }}</td><td>{{ $run->fit->count }}</td>
    @else
        <td colspan="4">Refused. {{ $run->reason }}</td>
    @endif
    </tr>
    @endforeach
</table>
@if ($round->cleanAir())<p>Clean air by this test: <b>{{ $tell(Display::Flow, $round->cleanAir()->value) }}</b> ({{ $range(Display::Flow, $round->cleanAir()) }}), forecast {{ $tell(Display::Flow, $proof->design->cleanAir($round->speed)->value) }}.</p>@endif
</div>
@endif
@if ($rounds['tissue'])
@php [$survey, $round] = $rounds['tissue']; @endphp
<div class="block">
<h2>Tissue test</h2>
<p class="note">A strip of tissue held to every seam, corner, opening and filter face while the unit ran. {{ $round->survey->answered() }} of {{ count($round->survey->results) }} points told; {{ $who($survey) }}.</p>
<p>Open in all: <b>{{ $tell(Display::SmallArea, $round->survey->leakArea()->value) }}</b> ({{ $range(Display::SmallArea, $round->survey->leakArea()) }}).
@if ($round->survey->leaks()) Air gets past at: {{ implode('; ', array_map(fn ($leak) => $leak->point->name.($leak->gap ? ' ('.$tell(Display::Gap, $leak->gap->value).')' : ''), $round->survey->leaks())) }}. @else No leak was found. @endif
@foreach ($round->survey->oddPoints() as $odd) {{ $odd }} @endforeach</p>
</div>
@endif
@if ($rounds['traverse'])
@php [$survey, $round] = $rounds['traverse']; @endphp
<div class="block">
<h2>Air speed over the outlet</h2>
<p class="note">{{ $survey->told('grid') }} grid over {{ $tell(Display::PartLength, $round->outlet->width) }} × {{ $tell(Display::PartLength, $round->outlet->height) }}, speed {{ $survey->told('speed') }}, filters {{ $round->hasFilters ? 'on' : 'off' }}; {{ $who($survey) }}.</p>
<table class="lines" style="width: auto">
    @foreach (array_reverse($round->rows) as $row)<tr>@foreach ($row as $one)<td style="text-align: right; padding-right: 12pt">{{ $one === null ? '·' : $tell(Display::Velocity, $one) }}</td>@endforeach</tr>@endforeach
</table>
@if ($round->traverse)<p>Mean {{ $tell(Display::Velocity, $round->traverse->mean()) }}, flow of the fan <b>{{ $tell(Display::Flow, $round->traverse->flow()) }}</b> ({{ $range(Display::Flow, $round->traverse->flowInterval()) }}).</p>@else<p>Not every point was read.</p>@endif
</div>
@endif
@if ($rounds['level'] || $rounds['power'])
<div class="block">
<h2>Sound and power</h2>
@if ($rounds['level'])
@php [$survey, $round] = $rounds['level']; @endphp
<p>@if ($round->level) On {{ number_format($round->level->on, 1) }} dBA, off {{ number_format($round->level->off, 1) }} dBA at {{ $tell(Display::RoomLength, $round->distance) }}, energy means: @if ($round->level->unit !== null)<b>{{ number_format((float) $round->level->at(1.0), 1) }} dBA at 1 m</b> by itself, within {{ $round->within() }} dB.@else less than 3 dB apart, it cannot be told.@endif @endif <span class="note">{{ $who($survey) }}.</span></p>
@endif
@if ($rounds['power'])
@php [$survey, $round] = $rounds['power']; @endphp
<p>At the plug: @foreach ($round->watts as $speed => $watts)speed {{ $proved->speeds()[$speed] }} {{ number_format($watts, 1) }} W{{ $loop->last ? '.' : ', ' }}@endforeach <span class="note">{{ $who($survey) }}.</span></p>
@endif
</div>
@endif
<div class="block">
<h2>What to do next</h2>
@foreach ($proof->next() as $step)<p>{{ $loop->iteration }}. {{ $step->text->text($measure) }}</p>@endforeach
@if ($proof->next() === [])<p>Nothing is missing. Test again when the filters have run for some months.</p>@endif
<p class="note">Local codes, the makers’ instructions and licensed trades come first. Off and unplugged before opening.</p>
</div>
</body>
</html>
