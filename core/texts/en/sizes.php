<?php

declare(strict_types=1);

// What a wrong guess of a size does to what is cut by it.
return [
    'trim' => 'If it is {off} {way}, the {part} is cut {by} too large and stands over: trim it.',
    'gap' => 'If it is {off} {way}, the {part} is cut {by} too small: left open, that gap adds {share} of bypass.',
    'small-gap' => 'If it is {off} {way}, the {part} is cut {by} too small: tape over that gap.',
    'hole' => 'If it is {off} {way}, the hole of the {part} is {by} too {hole}.',
    'carton' => 'If it is {off} {way}, the number of parts that come out of the fan’s carton falls by {parts}.',
    'refused' => 'If it is {off} {way}, it will not close: {why}',
    'smaller' => 'smaller',
    'larger' => 'larger',
    'wide' => 'wide',
    'narrow' => 'narrow',
];
