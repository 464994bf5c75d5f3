<?php

declare(strict_types=1);

// Why a build day cannot be shorter.
return [
    'nothing' => 'There is nothing to do.',
    'chain' => 'The longest chain of work and waiting ends in minute {minutes}, with the breaks and with when people come: {tasks}.',
    'chain-of-unit' => '{count} tasks of unit {unit}, one after the other',
    'people' => '{count} people have {work} minutes of work between them, from minute {head} on and with {tail} minutes after it: {minutes} minutes at the least.',
    'adults' => '{count} adults have {work} minutes of work with blades or heat between them, from minute {head} on and with {tail} minutes after it: {minutes} minutes at the least.',
    'skill' => '{count} people have {work} minutes of {name} between them, from minute {head} on and with {tail} minutes after it: {minutes} minutes at the least.',
    'tool' => '{count} × {name} is needed for {work} minutes, from minute {head} on and with {tail} minutes after it: {minutes} minutes at the least.',
    'only' => 'Only {name} may do {work} minutes of the work, from minute {head} on and with {tail} minutes after it: {minutes} minutes at the least.',
    'proved' => 'Every order was gone through: none is shorter.',
    'searched' => 'No shorter one was found in the time; at the least it takes {minutes} minutes. {why}',
];
