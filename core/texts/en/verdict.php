<?php

declare(strict_types=1);

// What is said of a build when it is held against the rules: what is, and beside it what would mend it.
return [
    'clean-air.building-is-enough' => '{goal}: the building alone is enough. The units add {flow}.',
    'clean-air.never' => '{goal}: no number of these units is enough, because the filter does not catch this pollutant.',
    'clean-air.never.mend' => 'Take a finer filter.',
    'clean-air.more' => '{goal}: {flow}, {difference} more than it needs ({share}).',
    'clean-air.less' => '{goal}: {flow}, {difference} less than it needs ({share}).',
    'clean-air.sure.one' => 'One unit more would make it sure ({units} in all, a chance of {chance}).',
    'clean-air.sure.many' => '{units} units would make it sure (a chance of {chance}).',
    'clean-air.faster' => 'Speed {speed} would reach it, at {level}; or {units} units at this speed.',
    'clean-air.one-more' => 'One unit more would reach it ({units} in all).',
    'clean-air.units' => 'It takes {units} units at this speed.',

    'way-out' => 'Air blown in must be able to leave on the far side of the room. Without a way out little comes in, and how much is not known.',
    'way-out.mend' => 'Open a window, a door or a vent there, and choose it with the shape.',

    'noise.kept' => 'Meets the noise limit: {level} against {limit}.',
    'noise' => 'Louder than the room allows by {decibels} dB: {level} against {limit}.',
    'noise.no-speed' => 'No speed of this fan is quiet enough; take a quieter fan and more units of it.',
    'noise.speed' => 'Speed {speed} meets it, at {level}.',

    'grade' => '{filter} is below grade {grade}: most of {pollutant} passes through it.',
    'grade.mend' => 'Take grade {grade} or better.',

    'face-velocity' => 'Air meets the filter at {velocity}, above its rating of {rating}: dust is driven through.',
    'face-velocity.mend' => 'Run it slower, or give it {faces} faces.',

    'restriction.strained' => 'The fan is strained: only {share} of its free flow goes through the filters.',
    'restriction.choked' => 'The fan is choked: only {share} of its free flow goes through the filters.',
    'restriction.mend' => 'More filter area, deeper or more densely pleated filters, or fewer leaks.',

    'bypass' => '{share} of the air passes no filter ({flow}).',
    'bypass.uncovered-ring' => 'Most of it: the ring of the filter that the fan does not cover, {flow}. Only a collar closes it.',
    'bypass.corner-windows' => 'Most of it: windows at the fan’s corners, {flow}. Tape the front corners or add a shroud.',
    'bypass.recirculation' => 'Most of it: back through the fan’s corners, {flow}. A shroud cut to the blade circle closes them.',
    'bypass.seam' => 'Most of it: the seams, {flow}. A tighter joining closes them.',
    'bypass.other' => 'Most of it: other openings, {flow}. Close them.',

    'suction' => 'Only the fan’s pull, {pull}, presses the filter on, which weighs {weight}: while the fan runs it stays up with a chance of {chance}, and it falls off when the fan stops.',
    'suction.blows-off' => 'A fan that blows towards the filter does not hold it: it falls off.',
    'suction.mend' => 'This is a trial. For a unit that stays, tape, tie or clip the filter to the fan.',

    'dead-corners' => 'Only {share} of the filter’s face works: the rest lies too far from the hole, behind the cover.',
    'dead-corners.mend' => 'Choose a stand-off frame, a larger fan, or a smaller filter.',

    'knob' => 'The fan’s knob is closed in once the unit is made.',
    'knob.mend' => 'Set the speed before you close it, and switch it at the plug.',

    'needless-sheet' => 'This fan has a ring in line with its blades already: a sheet over its corners gains nothing.',
    'needless-sheet.mend' => 'Leave the corners open.',

    'cord' => 'The nearest outlet is {away} away; the cord is {cord} long.',
    'cord.mend' => 'Place it nearer to an outlet. Never run an extension cord under a rug.',

    'stand.falls' => 'Tips over as it stands: its weight hangs out over its foot.',
    'stand' => 'Tips over when it leans {degrees} degrees.',
    'stand.mend' => 'Give it a wider foot, or tie it to something that stands.',
];
