<?php

declare(strict_types=1);

// Why a part lies on no sheet, and what comes out of a carton.
return [
    'no-sheet' => 'There is no sheet of {material} to cut it from.',
    'full' => 'All sheets that it would go on are full.',
    'too-large' => 'It is larger than the clear part of every sheet.',
    'from-carton-one' => '{parts} comes out of the fan’s carton as long as its large walls are at least {width} × {height}.',
    'from-carton' => '{parts} come out of the fan’s carton as long as its large walls are at least {width} × {height}.',
];
