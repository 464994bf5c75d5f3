<?php

declare(strict_types=1);

// What stands on the parts of a unit's drawing.
return [
    'fan' => 'Fan, speed {speed}',
    'fans' => '{count} fans, speed {speed}',
    'fan.moves' => 'moves {flow}',
    'fan.level' => '{level} at 1 m',
    'box' => 'Inside the box',
    'box.below' => '{pressure} below room',
    'box.above' => '{pressure} above room',
    'face.flow' => '{flow} through it',
    'face.velocity' => '{velocity} at the face',
    'face.caught' => '{share} of finest caught',
    'seam.bypass' => '{flow} bypass at the seams',
    'seam.gaps' => 'gaps of {area} in all',
    'corners' => 'At the corners',
    'corners.bypass' => '{flow} bypass',
    'panel.size' => '{width} × {height}',
    'panel.inside' => 'inside {width} × {height}',
    'panel.opening' => 'opening {width} × {height}',
    'panel.holes' => '{count} holes {width}',
    'panel.hole' => 'hole {width}',
    'solid.reach' => '{width} × {depth}, {height} high',
];
