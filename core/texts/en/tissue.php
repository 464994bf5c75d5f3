<?php

declare(strict_types=1);

// Names of the points that a tissue is held to, and what a face that does not pull may mean.
return [
    'face' => 'Filter face {number}',
    'corner' => 'Corner {number}',
    'fan-corner' => '{name}, {number} of {count}',
    'of-several' => '{name}, {number} of {count}',
    'face-blocked' => '{name} does not pull: it is blocked, still wrapped, or so much air leaks in elsewhere that none is left for it. Take the wrap off, keep it a hand’s width from the wall, and patch the leaks first.',
    'face-reversed' => '{name} blows: the fan is set the other way round, or this filter is. Switch off, and turn the fan so that its arrow points out of the box.',
    'all-reversed' => 'Every face blows: the fan is set the other way round. Switch off, unplug, and turn it.',
    'face-pulls' => '{name} draws in, though this unit pushes: the fan is set the other way round. Switch off, and turn it.',
];
