<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** A sheet over the outlet of a fan that stands upright: as large as its housing, with a hole of the blade circle. */
final readonly class Shroud
{
    public const PART = 'shroud';

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
        return Panel::rectangle(self::PART, 'Shroud', $this->fan->body->side, $this->fan->body->side, $this->fan->body->bladeCircle);
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
