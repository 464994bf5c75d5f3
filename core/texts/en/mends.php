<?php

declare(strict_types=1);

// What goes wrong while a unit is made, and what mends it.
return [
    'reversed-arrow.title' => 'A filter is the wrong way round',
    'reversed-arrow.advice' => 'Cut its seams, not its frame. Turn it so that its arrow points the way the air goes, set it again and close all its edges anew. The steel mesh or the firmer side lies where the air comes out.',
    'not-square.title' => 'It is not square',
    'not-square.advice' => 'Loosen the tack at one corner, push the two corners of the longer diagonal towards each other until both measure the same within 1/8 in (3 mm), and tack again. If it will not come, one frame stands the wrong way round at its corner.',
    'gap.title' => 'There is a gap',
    'gap.advice' => 'Up to 1/8 in (3 mm): press the joining down over it, or add a second strip. Wider: lay a strip of carton over it first and join both of its edges. Never stuff it with something loose. Hold the tissue there again.',
    'torn-media.title' => 'The media is torn',
    'torn-media.advice' => 'A hole smaller than a pea: cover it with tape on the clean side, flat on the pleats. Anything larger: take another filter. Do not run it torn: the air goes where it is easiest.',
    'fan-backwards.title' => 'The fan blows the wrong way',
    'fan-backwards.advice' => 'Pull the plug. Cut the joining round the fan, turn it over so that its drawn arrow points the way it shall blow, and close its edges again. Check with the tissue at each filter.',
    'blade-touches.title' => 'A blade touches, or it clicks',
    'blade-touches.advice' => 'Pull the plug at once. Turn the blades by hand and find what they touch: shroud, tie, screw, cord or a bent guard. Move or trim it until there is a finger’s width everywhere, then go on. If the rotor itself is loose, tighten its screw; if it stays loose, take another fan.',
    'frame-will-not-go-in.title' => 'A frame will not go in',
    'frame-will-not-go-in.advice' => 'Do not force it: the frame crumples and leaks. Measure both. If it is the box that is tight, loosen its corners and ease the frame in from one end; if the part is too small, cut it anew from the size you measured.',
    'fan-does-not-fit.title' => 'The fan does not fit',
    'fan-does-not-fit.advice' => 'Measure the opening and the fan’s housing. Up to 1 in (25 mm) over each side is allowed. Smaller than the opening: a collar must be cut; enter the measured sizes in the kit, and it draws one. Do not bridge it with tape alone.',
    'cut-wrong.title' => 'A part is cut wrong',
    'cut-wrong.advice' => 'Too large: cut it again along the line. Too small by up to 1/4 in (6 mm): use it and close the rest with carton and joining on both sides. More: cut it anew; the cut plan shows what is left of the sheet.',
    'glue-too-soon.title' => 'The glue set too soon',
    'glue-too-soon.advice' => 'Do not tear it off: warm the bead with the tip of the gun, pull it away with cutters, and run a new one in short stretches. Press a minute before you let go.',
    'fan-dead.title' => 'The fan does not run',
    'fan-dead.advice' => 'Try another socket, look at the fuse in its plug, the switch and every connector. If it still stands, do not open it: take another fan, and run that one first.',
    'filter-does-not-draw.title' => 'Nothing moves at one filter',
    'filter-does-not-draw.advice' => 'See whether its wrapping is still on, whether something blocks it, and whether its arrow points the way the air goes. Then look at the fan’s direction.',
    'something-missing.title' => 'Something is missing or broken',
    'something-missing.advice' => 'Stop here and note what it is, so that the shopping list can be brought up to date. Do not make do with another size: what does not fit leaks.',
];
