<?php

declare(strict_types=1);

// What would make a result surer, by the figure that is to be measured.
return [
    'fan_flow' => 'Measure the fan’s flow ({part}): the 90 % range would narrow from {low}–{high} to {narrowLow}–{narrowHigh}.',
    'fan_pressure' => 'Measure the fan’s shut-off pressure ({part}): the 90 % range would narrow from {low}–{high} to {narrowLow}–{narrowHigh}.',
    'filter_drop' => 'Measure the filter’s pressure drop ({part}): the 90 % range would narrow from {low}–{high} to {narrowLow}–{narrowHigh}.',
    'ln_penetration' => 'Measure what the filter catches ({part}): the 90 % range would narrow from {low}–{high} to {narrowLow}–{narrowHigh}.',
    'seam_gap' => 'Test the seams with a tissue and patch them ({part}): the 90 % range would narrow from {low}–{high} to {narrowLow}–{narrowHigh}.',
    'opening' => 'Test the fan’s corners with a tissue ({part}): the 90 % range would narrow from {low}–{high} to {narrowLow}–{narrowHigh}.',
    'clean_air' => 'Measure the clean air of the purifier ({part}): the 90 % range would narrow from {low}–{high} to {narrowLow}–{narrowHigh}.',
];
