<?php

declare(strict_types=1);

// What is wrong with the readings of a traverse.
return [
    'grid-of-circles' => 'Log-linear points are for round outlets. Choose log-tchebycheff or equal-area for a rectangle.',
    'uneven' => 'This row has {given} readings; the first has {counts}.',
    'across' => 'There are {given} readings across. This grid is made for {counts}.',
    'along' => 'There are {given} readings along this diameter. This grid is made for {counts}.',
    'up' => 'There are {given} rows. This grid is made for {counts}.',
    'too-few' => 'At least two readings are needed.',
];
