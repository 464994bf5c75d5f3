<?php

declare(strict_types=1);

// Why a figure of the ledger is what it is: what is worked out, its formula in letters, and what that rests on.
return [
    'clean-air' => 'Clean air of all',
    'clean-air.formula' => 'Q = n q, with q = sum over bins of w e',
    'clean-air.formula.beside' => 'Q = n q + other purifiers, with q = sum over bins of w e',
    'clean-air.source' => '{pollutant}: weights of the size bins from {reference}',

    'band.low' => 'Lower end of the 90 % range',
    'band.low.formula' => 'median × exp(-1.645 sigma)',
    'band.low.source' => '5 % lie below; every figure carried over by itself (Rahman and Xu, 2004, from memory)',
    'band.high' => 'Upper end of the 90 % range',
    'band.high.formula' => 'median × exp(1.645 sigma)',
    'band.high.source' => '5 % lie above',
    'deviation' => 'Standard deviation sigma',
    'deviation.formula' => 'root of the sum of squares of what each figure does to the logarithm',
    'deviation.source' => '{parts}; from how sure each figure is (assumed)',
    'chance' => 'Chance to reach the goal',
    'chance.formula' => 'Phi(ln(median / asked) / sigma), Phi the normal distribution',
    'chance.source' => 'the logarithm of the clean air is taken as normal',

    'air-changes' => 'Air changes',
    'air-changes.formula' => 'n = 3600 Q / V',
    'air-changes.source.drawn' => 'definition; the room’s volume is that of its drawn floor under its ceilings, less what is built in',
    'air-changes.source.drawn.intake' => 'definition; the room’s volume is that of its drawn floor under its ceilings, less what is built in; outdoor air that is blown in through filters counts',
    'air-changes.source.read' => 'definition; the room’s volume is its length × width × height',
    'air-changes.source.read.intake' => 'definition; the room’s volume is its length × width × height; outdoor air that is blown in through filters counts',

    'minutes' => 'Share that is left',
    'minutes.never' => 'some of it never leaves',
    'minutes.filled' => '{share} = {left}, at {minutes}',
    'minutes.source' => 'each size bin by itself; as in CDC (2003), appendix B; the range is the 90 % range of the clean air with the range of how well the room’s air mixes',
    'rate.e1' => 'Rate of the finest bin, 1/h',
    'rate.e2' => 'Rate of the middle bin, 1/h',
    'rate.e3' => 'Rate of the coarsest bin, 1/h',
    'rate.formula' => 'K = outdoor air + settling + m Q / V',
    'rate.formula.central' => 'K = outdoor air + settling + central air + m Q / V',
    'rate.source' => 'settling of the finest: PTEAM, 1996 (from memory); the others, the leakiness and the mixing m assumed',

    'level' => 'Level of all at 1 m',
    'level.formula' => '10 log10(sum of 10^(L / 10))',
    'level.source' => 'levels add by energy; of the fan at this speed and pressure',
    'seat' => 'Level at the loudest seat',
    'seat.formula' => 'Lw + 10 log10(q / (4 pi r²) + 4 / R), added over all that stand there',
    'seat.filled' => 'nearest seat {distance} from the first unit, {surface} of floor, ceiling and walls: {level}',
    'seat.source' => 'units on the floor (q = {q}), {absorbed} % of the sound absorbed by the surfaces (assumed)',

    'power' => 'Power of all',
    'power.formula' => 'n P',
    'power.formula.beside' => 'n P + other purifiers',
    'power.source' => 'of the fans at this speed and pressure',

    'first' => 'First cost',
    'first.formula' => 'sum of all lines',
    'first.source' => 'of the units of this build',
    'bought.formula' => 'the cheapest whole packs',
    'bought.source' => 'prices on the part',
    'bought.buy' => '{needed} needed, {sum}',
    'bought.buy.stock' => '{needed} needed, {stock} from stock, {sum}',
    'bought.nothing' => '{needed} needed, nothing to buy',
    'bought.nothing.stock' => '{needed} needed, {stock} from stock, nothing to buy',

    'total' => 'Cost over the years',
    'total.formula' => 'first + changes × filters + energy × tariff',
    'total.source' => 'energy in kWh; {years} years at {hours} hours a day, as the settings say',
    'total.all' => 'Cost of all over the years',
    'total.all.formula' => 'units of this build + other purifiers',
    'total.all.source' => 'filters of bought purifiers last as long as stated',

    'needed' => 'Needed clean air: {goal}',
    'needed.never' => 'Needed clean air',
    'needed.never.filled' => 'no amount of clean air is enough',
];
