<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>{{ $unit ? $unit->title() : 'Air purifier' }}</title>
@vite('frontend/src/ui/unit-page.css')
</head>
<body>
<main>
@if ($unit === null)
    <h1>Air purifier</h1>
    <p>Whoever made it has not opened this page to everybody. Ask them, or sign in.</p>
@else
    <p class="over">{{ $unit->programme->name }}</p>
    <h1>{{ $unit->title() }}</h1>
    <dl>
        <dt>What it is</dt><dd>{{ $shape }}, an air purifier from a fan and {{ $count }} {{ $count === 1 ? 'filter' : 'filters' }}</dd>
        <dt>How to run it</dt><dd>At speed <b>{{ $speed }}</b> whenever people are in the room: {{ $air }} of clean air. Nothing within an arm’s length of its {{ $pulls ? 'filters' : 'fan' }}. Off if it smells or clicks; unplug it before you open it.</dd>
        <dt>{{ $unit->made_at ? 'Made' : 'Begun' }}</dt><dd>{{ $began->format('j F Y') }}</dd>
        <dt>Filters</dt><dd>{{ $count }} × {{ $filters }}, arrows {{ $arrows }}. @if ($due->isPast())<b>Overdue since {{ $due->format('F Y') }}: change them.</b>@else Due by <b>{{ $due->format('F Y') }}</b>, sooner in smoke or dust.@endif</dd>
        @if ($hasBareMotor)
        <dt>Motor</dt><dd>It runs on the mains. Repairs by a qualified person only.</dd>
        @endif
    </dl>
    <p class="note">A purifier is no medical device and no replacement for fresh air.</p>
@endif
    <p><a href="/{{ $unit ? 'units/'.$unit->id : '' }}">For those who look after it</a></p>
</main>
</body>
</html>
