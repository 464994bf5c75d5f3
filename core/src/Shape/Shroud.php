<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Knob;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** A sheet over the outlet of a fan that stands upright: as large as its housing, with a hole of the blade circle. */
final readonly class Shroud
{
    public const PART = 'shroud';

    /** Side of the cut-out for a knob, and how far it lies from the edges, m (assumed: as large as the knob's own plate). */
    private const KNOB = 0.06;

    private const INSET = 0.02;

    private function __construct(private Fan $fan)
    {
    }

    /** The shroud of a design where its corners are treated with one; else null. */
    public static function of(Design $design): ?self
    {
        return $design->hasShroud() ? new self($design->fan) : null;
    }

    public function panel(): Panel
    {
        $side = $this->fan->body->side;
        $panel = Panel::rectangle(self::PART, 'Shroud', $side, $side, $this->fan->body->bladeCircle);
        $knob = self::knobHole($this->fan);

        return $knob === null ? $panel : $panel->withHole($knob);
    }

    /** Cut-out for a knob in front, in an upper corner beside the blades; null where there is none or no room for it. */
    public static function knobHole(Fan $fan): ?Hole
    {
        $side = $fan->body->side;
        $hole = Hole::rectangle(self::INSET + self::KNOB / 2.0, $side - self::INSET - self::KNOB / 2.0, self::KNOB, self::KNOB);
        $hasRoom = ! $fan->body->isRound() && $hole->distanceTo(Hole::round($side / 2.0, $side / 2.0, $fan->body->bladeCircle)) >= Panel::WEB;

        return $fan->handling->knob === Knob::Front && ! $fan->handling->hasRemote && $hasRoom ? $hole : null;
    }

    /** @param  Frame  $outer  origin at the middle of the sheet's outer side, u across; its normal, along y, is the way of the air */
    public function solid(Frame $outer): Solid
    {
        $half = $this->fan->body->side / 2.0;
        $forward = $outer->normal()->y > 0.0;
        [$from, $to] = $forward ? [$outer->origin->y - Panel::THICKNESS, $outer->origin->y] : [$outer->origin->y, $outer->origin->y + Panel::THICKNESS];

        return Solid::box(
            self::PART, 'board',
            new Point($outer->origin->x - $half, $from, $outer->origin->z - $half), new Point($outer->origin->x + $half, $to, $outer->origin->z + $half),
            [$forward ? 'back' : 'front' => FanSolid::rotor($this->fan, $outer)],
        );
    }
}
