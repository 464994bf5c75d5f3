<?php

declare(strict_types=1);

// What an explanation of a unit's figures explains, and what its formula rests on.
return [
    'pressure' => 'pressure between box and room',
    'pressure.source' => 'balance of flows in m3/s; the pressure is the only one at which it closes',
    'pressure.filled' => '{filled}, at {value}',
    'fan-flow' => 'flow of the fan',
    'fan-flow.source' => 'curve of the fan at this speed, its flows by throttling and pushing, its pressures by density; fan laws: AMCA / ASHRAE Handbook',
    'bypass' => 'bypass',
    'bypass.source' => 'share of flows',
    'free-share' => 'share of free flow through the filters',
    'free-share.source' => 'bounds at 80, 65 and 45 % (assumed)',
    'no-flow' => 'there is no flow',

    'face' => 'one face',
    'faces' => 'each of {count} faces',
    'face.layer' => 'one face, layer {layer}',
    'faces.layer' => 'each of {count} faces, layer {layer}',
    'face.layers' => 'one face, all layers',
    'faces.layers' => 'each of {count} faces, all layers',
    'face-velocity' => 'face velocity, {face}',
    'face-velocity.source' => 'flow over net face, m3/s and m2',
    'drop' => 'drop, {face}',
    'drop.source' => 'one rated point: 75 % of it linear (assumed)',
    'efficiency' => 'efficiency {bin}, {face}',
    'efficiency.source' => 'grades: ANSI/ASHRAE Standard 52.2-2017; k assumed',
    'efficiency.layers.source' => 'penetrations of layers multiply',

    'leak' => '{leak}',
    'leak.source' => 'sharp-edged opening, Cd 0.61 (common practice, no source); m2, Pa, kg/m3',
    'clean-air-of-bin' => 'clean air {bin}',
    'clean-air-of-bin.source' => 'air through leaks is not cleaned',
    'clean-air' => 'clean air for {pollutant}',
    'clean-air.source' => 'weights: {source}',
];
