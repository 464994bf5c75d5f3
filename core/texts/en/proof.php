<?php

declare(strict_types=1);

// What the proof of a unit comes to, which figure is not as the catalogue has it, and what to do next.
return [
    'verdict.pass' => 'Proved: each unit gives {low} to {high} of clean air. With that the room gets {gets}, and {goal} needs {asks}: it is reached with a chance of {chance}.',
    'verdict.marginal' => 'Each unit gives {low} to {high} of clean air. The room gets about {gets}, {goal} needs {asks}: the chance to reach it is {chance}.',
    'verdict.fail' => 'Proved, and short: each unit gives {low} to {high} of clean air. The room gets {gets}, and {goal} needs {asks}.',
    'verdict.not-proved' => 'Not proved yet. By the figures known so far each unit gives {low} to {high} of clean air; {goal} needs {asks} in the room.',
    'culprit.fan_scale.less' => 'Most likely the fan: it turns {share} slower than the catalogue says. Check its speed, its voltage, and that nothing rubs.',
    'culprit.fan_scale.more' => 'Most likely the fan: it turns {share} faster than the catalogue says.',
    'culprit.filter_drop.less' => 'Most likely the filters: their pressure drop is {share} lower than the catalogue says.',
    'culprit.filter_drop.more' => 'Most likely the filters: their pressure drop is {share} higher than the catalogue says. They may be loaded, wrapped, or of another kind.',
    'culprit.leak.less' => 'The unit is tighter than its joining usually is: {area} are open in all.',
    'culprit.leak.more' => 'Most likely the leaks: {area} are open in all, {share} more than usual. Patch what the tissue found.',
    'culprit.ln_penetration.less' => 'The filters catch less than their grade promises: they may be bent, pierced, or have lost their charge.',
    'culprit.ln_penetration.more' => 'The filters catch more than the least that their grade promises.',
    'next.patch-one' => 'Patch the leak that the tissue found, about {minutes} min. Gains about {gain}.',
    'next.patch' => 'Patch the leaks that the tissue found: {count} places, about {minutes} min. Gains about {gain}.',
    'next.faster' => 'Run it at speed {speed}, which is {level} and keeps to the noise limit. Gains about {gain}.',
    'next.shroud' => 'Add a shroud cut to the blade circle. Gains about {gain}.',
    'next.one-more' => 'Add another unit of this build. Gains about {gain}.',
    'next.tissue' => 'Go round the unit with a strip of tissue: ten minutes, and the leaks are known.',
    'next.decay' => 'Do a decay test: it alone tells what the unit does for this room’s air.',
    'next.traverse' => 'Read the air speed over the outlet: it tells the fan from the filters.',
    'outlier.tissue' => 'The tissue test does not go with the other evidence. Go round once more.',
    'outlier.traverse' => 'The air speeds do not go with the other evidence. Check the meter, the grid and the area.',
    'outlier.traverse-filters-off' => 'The air speeds without filters do not go with the other evidence. Check the meter, the grid and the area.',
    'outlier.decay' => 'The decay test does not go with the other evidence. Check that doors and windows were as in the run without the unit.',
    'outlier.power' => 'The watts do not go with the other evidence. Check the speed and the plug meter.',
    'outlier.level' => 'The level does not go with the other evidence. Check the speed, the distance and the meter.',
    'measured.fan' => '{name}: free flow {flow} at its fastest.',
    'measured.filter' => '{name}: its pressure drop is {share} of the catalogue’s.',
    'measured.joining' => '{name}: residual gap {gap}.',
];
