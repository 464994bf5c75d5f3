<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

/** A state that a step brings a unit to, and that other steps wait for. */
enum Milestone: string
{
    /** Everything in the kit is on the table. */
    case KitCounted = 'kit-counted';
    /** The fan has run once and its direction is drawn on its housing. */
    case FanMarked = 'fan-marked';
    /** The plug is out and stays out until the first run. */
    case Unplugged = 'unplugged';
    /** The fan is set to the speed at which it will run. */
    case SpeedSet = 'speed-set';
    case GrilleOff = 'grille-off';
    /** Arrows of all filters point the way the air goes. */
    case ArrowsChecked = 'arrows-checked';
    /** Filters half as high are joined into walls. */
    case Paired = 'paired';
    /** The first corner of a glued box holds. */
    case FirstCorner = 'first-corner';
    case SecondCorner = 'second-corner';
    /** Walls or frames stand, held for the time being. */
    case Standing = 'standing';
    /** Diagonals are equal. */
    case Square = 'square';
    /** The fan or an end was tried in its place without tape, and fits. */
    case Fitted = 'fitted';
    /** A first filter stiffens a slack box. */
    case Stiffened = 'stiffened';
    /** What closes it below is on. */
    case Closed = 'closed';
    /** The seams of its walls are joined from end to end. */
    case Sealed = 'sealed';
    /** Guards are on the fans that need them. */
    case Guarded = 'guarded';
    /** Two face frames are identical and flat. */
    case Framed = 'framed';
    /** A filler board goes into its window without force. */
    case BoardFits = 'board-fits';
    /** Holes for the bolts are drilled. */
    case Drilled = 'drilled';
    /** Foam lies on the edges of a slack box. */
    case Foamed = 'foamed';
    /** The top with its flange is on the walls. */
    case Topped = 'topped';
    /** A canister is full of carbon. */
    case Filled = 'filled';
    /** The canister blew out its dust and is on. */
    case Canister = 'canister';
    /** The stand is off a fan that will hang. */
    case StandOff = 'stand-off';
    /** What the fan sits on, in or under is ready for it. */
    case Covered = 'covered';
    case CornersClosed = 'corners-closed';
    /** The fan is on the box for good. */
    case FanSet = 'fan-set';
    /** Supply, hub and cables are in. */
    case Wired = 'wired';
    /** Blades turn freely, cords are clear. */
    case BladesFree = 'blades-free';
    case FirstRun = 'first-run';
    /** Air leaves on the far side. */
    case Blowing = 'blowing';
    case TissueTested = 'tissue-tested';
    case Patched = 'patched';
    case Labelled = 'labelled';
}
