<?php

declare(strict_types=1);

// What is said of limits and of what they rule out.
return [
    'none' => 'No build meets the other limits either.',
    'not-with-others' => 'No build meets this and all other limits.',
    'without' => 'Without this limit:',

    // The limit itself, with a gap where it is a number.
    'limit.level' => 'At most {limit} at the seat.',
    'limit.first_cost' => 'First cost at most {limit}.',
    'limit.total_cost' => 'Total cost at most {limit}.',
    'limit.footprint' => 'At most {limit} of floor.',
    'limit.height' => 'At most {limit} high.',
    'limit.power' => 'At most {limit} of power.',
    'limit.minutes' => 'At most {limit} of work.',
    'limit.tools' => 'Only tools at hand.',
    'limit.skills' => 'Only skills at hand.',
    'limit.stock' => 'Only fans and filters in stock.',

    // What the build has that comes nearest to it.
    'nearest.level' => 'The nearest has {has} there.',
    'nearest.first_cost' => 'The nearest costs {has}.',
    'nearest.total_cost' => 'The nearest costs {has} in total.',
    'nearest.footprint' => 'The nearest takes {has}.',
    'nearest.height' => 'The nearest is {has} high.',
    'nearest.power' => 'The nearest uses {has}.',
    'nearest.minutes' => 'The nearest takes {has}.',
    'nearest.tools' => 'The nearest needs {has} more tools.',
    'nearest.skills' => 'The nearest needs {has} more skills.',
    'nearest.stock' => 'The nearest needs {has} more fans or filters.',

    // What a build has that it rules out.
    'ruled-out.level' => 'It has {has} at the seat.',
    'ruled-out.first_cost' => 'Its first cost is {has}.',
    'ruled-out.total_cost' => 'Its total cost is {has}.',
    'ruled-out.footprint' => 'It takes {has} of floor.',
    'ruled-out.height' => 'It is {has} high.',
    'ruled-out.power' => 'It uses {has}.',
    'ruled-out.minutes' => 'It takes {has} of work.',
    'ruled-out.tools' => 'It needs {has} more tools.',
    'ruled-out.skills' => 'It needs {has} more skills.',
    'ruled-out.stock' => 'It needs {has} more fans or filters.',

    // What would be better without a limit.
    'better.cheapest' => 'The lowest total cost would be {better} instead of {own}.',
    'better.least-to-buy' => 'The lowest first cost would be {better} instead of {own}.',
    'better.quietest' => 'The quietest would have {better} instead of {own}.',
    'better.smallest' => 'The smallest would take {better} of floor instead of {own}.',
    'better.least-to-run' => 'The lowest running cost would be {better} instead of {own}.',
    'better.least-power' => 'The lowest power would be {better} instead of {own}.',
    'better.quickest-to-build' => 'The quickest would take {better} of work instead of {own}.',
];
