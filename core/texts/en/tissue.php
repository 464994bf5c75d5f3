<?php

declare(strict_types=1);

// Names of the points that a tissue is held to, and what a face that does not pull may mean.
return [
    'face' => 'Filter face {number}',
    'corner' => 'Corner {number}',
    'fan-corner' => '{name}, {number} of {count}',
    'of-several' => '{name}, {number} of {count}',
    'face-blocked' => '{name} does not pull: it is blocked, still wrapped, or so much air leaks in elsewhere that none is left for it. Take the wrap off, keep it a hand’s width from the wall, and patch the leaks first.',
    'face-reversed' => '{name} blows: the fan is set the other way round. Switch off, unplug, and turn it.',
    'face-blows' => '{name} blows while others draw: the fan’s own jet may reach it. Hold the tissue closer and out of the jet, and test it again.',
    'seam-blows' => '{name} blows, though this unit pulls: air comes back there from the fan. Close it.',
    'seam-draws' => '{name} draws in, though this unit pushes: room air comes back to the fan there. Close it.',
    'all-reversed' => 'Every face blows: the fan is set the other way round. Switch off, unplug, and turn it.',
    'face-pulls' => '{name} draws in, though this unit pushes: the fan is set the other way round. Switch off, and turn it.',
];
