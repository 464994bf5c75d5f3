<?php

declare(strict_types=1);

// Why a run of a decay test is refused, and what would help.
return [
    'too-few-readings' => 'There are too few readings after the peak. Let the meter tell one every few seconds, and at least a dozen while the air clears.',
    'saturated' => 'The meter stood at its ceiling until minute {minute}: before that it says nothing. Use the readings from there on, or begin with less smoke.',
    'still-rising' => 'The readings still rise at the end: particles come in as fast as they go. Close doors and windows, put the source out, and log until the air has cleared.',
    'not-falling' => 'The readings do not fall here. Choose the stretch after the peak in which the air clears.',
    'too-short' => 'The run is too short: it shows {folds} e-folds, and at least one is needed. Log for {minutes} minutes or more.',
    'badly-mixed' => 'The readings swing about the fit by more than a meter is off: the room is badly mixed. Run a small fan that stirs the air, keep the meter out of the jet, and begin the stretch later.',
    'changed' => 'The air began to clear at another rate at about minute {minutes}. Was a door or a window opened or closed then? Use only the stretch before or after it, or repeat the run with all of them closed.',
    'too-noisy' => 'The readings scatter too much: the rate is only known to {percent} %. Use more particles to begin with, a shorter interval, or a longer run.',
];
