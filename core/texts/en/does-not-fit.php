<?php

declare(strict_types=1);

// Why parts do not make the shape, and what would.
return [
    'overhangs' => 'The fan’s body ({body}) overhangs the box ({side}) by {overhang} a side; at most {allowed} is allowed. Take a larger filter or a smaller fan.',
    'does-not-cover' => 'The fan’s body ({body}) does not cover the filter’s opening ({opening}); it may be at most {allowed} smaller on each side. Choose a collar, a smaller filter or a larger fan.',
    'window-too-small' => 'The insert takes {width} × {height}; the window is {windowWidth} × {windowHeight}. Take smaller filters or fewer, or measure the window again on the plan.',
    'no-carton' => 'Nothing is known of the carton of “{fan}”. Set the fan on a cover, or enter the carton’s size with the fan.',
    'not-in-carton' => 'The carton of “{fan}” does not close round it. Set the fan on a cover.',
    'carton-off-box' => 'The fan’s carton ({width} × {height}) must cover the box’s opening ({openWidth} × {openDepth}) and may stand out by {allowed} on each side. Set the fan on a cover, or take other filters.',
    'blades-beyond-cover' => 'The blade circle ({circle}) is wider than the cover ({side}) it would be cut into. Take a larger filter or a smaller fan.',
    'no-seat' => '“{shape}” has no seat for a fan of the kind “{family}”. It takes these kinds: {families}.',
    'not-square' => '“{shape}” takes square filters; this one is {width} × {height}, so the sides would not close to a square under the fan.',
    'not-half' => 'Two filters on each side must be half as high as they are wide; this one is {width} × {height}.',
    'not-tall' => 'A tall box takes filters longer than wide; four of {width} × {height} make a cube.',
    'not-narrow' => 'A slim tower takes narrow filters, up to {widest} wide; this one is {width} × {height}.',
    'not-a-frame' => '“{shape}” takes flat framed filters; “{filter}” is not one.',
    'too-deep' => 'Frames {depth} deep leave no room inside “{shape}” with filters {width} wide.',
    'prefilter' => 'The pre-filter “{prefilter}” is not as large as the filter “{filter}” it would stand in front of. Take one of the same face.',
    'hangs' => 'The fan’s body ({body}) does not hang freely inside the box ({open} clear); it needs {clearance} all round. Set it on top, or take larger filters.',
    'not-a-ring' => '“{shape}” takes ring cartridges; “{filter}” is not one.',
    'not-a-sheet' => '“{shape}” takes loose sheets of media; “{filter}” is not one.',
    'height-off' => 'The filter stands {height} tall beside a fan of {body}; they may differ by at most {allowed}. Take a filter nearer to the fan’s size.',
    'too-narrow' => 'Filters {width} wide do not reach round a fan of {body}: two of them must be longer than its body.',
    'panel-too-narrow' => 'The fan’s body ({body}) is wider than the panel ({width}) it would sit on.',
    'sheets-too-large' => 'The sheets side by side ({width} by {height}) are larger than the fan’s front ({body}).',
    'tote-too-small' => 'A filter of {width} × {height} does not leave a rim on the lid of a common tote; take one of at most {largest}.',
    'too-many.above' => 'At most {most}: more do not go one above the other, with 3 mm of panel between two holes and 10 mm at its edges.',
    'too-many.on-top' => 'At most {most}: more do not go on the top panel, with 3 mm of panel between two holes and 10 mm at its edges.',
    'too-many.on-end' => 'At most {most}: more do not go on an end, with 3 mm of panel between two holes and 10 mm at its edges.',
    'no-fan' => 'At least one fan is needed.',
];
