<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/**
 * What is put under a unit, or holds it, so that it does not tip over: two boards across, folded from carton or bought of
 * wood; a cord; or something that it leans on.
 */
final readonly class Footing
{
    public const OPTION = 'stand';

    /** What the finder tries: as it is, and on feet where it would tip over. */
    public const SEARCHED = [self::ALONE, 'feet'];

    public const ALONE = 'alone';

    public const PART = 'foot-board';

    /** How far the boards stand out before and behind the unit, m: a hand's width (assumed). */
    public const BEYOND = 0.10;

    /** Width of a board, m (assumed). */
    private const WIDE = 0.06;

    /** Carton folded in three, and a wooden board, m. */
    private const FOLDED = 3.0 * Panel::THICKNESS;

    private const WOODEN = 0.018;

    /** Longest unit that a pair of bought boards takes, m. */
    private const BOUGHT = 0.45;

    /** Cord that ties a unit at two places, m (assumed). */
    private const CORD = 2.0;

    /** @param  bool  $isAcross  whether its boards run along the unit's width instead of its depth */
    private function __construct(private string $choice, private bool $isAcross)
    {
    }

    /** Of a shape that may tip over. The finder tries it alone and on feet; the rest is the room's. */
    public static function option(): ShapeOption
    {
        return (new ShapeOption(self::OPTION, 'What keeps it upright', [
            self::ALONE => 'Its own foot', 'feet' => 'Two feet folded from carton', 'boards' => 'Two wooden boards',
            'tied' => 'A cord to something that does not move', 'leans' => 'Something heavy that its frame leans on',
        ], self::ALONE))->searching(...self::SEARCHED);
    }

    /** Whether a shape leaves it open what it stands on, as it may tip over. */
    public static function mayBeChosen(Shape $shape): bool
    {
        foreach ($shape->options() as $option) {
            if ($option->id === self::OPTION && isset($option->choices[self::ALONE])) {
                return true;
            }
        }

        return false;
    }

    /** Of a design; null where nothing is put under it and nothing holds it. */
    public static function of(Design $design): ?self
    {
        $choice = $design->option(self::OPTION);

        return in_array($choice, ['feet', 'boards', 'tied', 'leans'], true) ? new self($choice, $design->shape->tipsSideways()) : null;
    }

    public function stand(): Stand
    {
        return match ($this->choice) {
            'tied' => Stand::Tied,
            'leans' => Stand::Leans,
            default => Stand::Feet,
        };
    }

    public function isOfWood(): bool
    {
        return $this->choice === 'boards';
    }

    /** The same unit with what keeps it upright. */
    public function under(Assembly $assembly, Size $size): Assembly
    {
        $long = $this->along($size);

        return match ($this->choice) {
            'feet' => $assembly->standingOn([$board = $this->board($long + 2.0 * self::BEYOND), $board], [], [], 4.0 * $long),
            'boards' => $assembly->standingOn([], ['foot-boards' => (int) ceil(($long + 2.0 * self::BEYOND) / self::BOUGHT - 1e-9)], [], 4.0 * $long),
            'tied' => $assembly->standingOn([], [], ['cord' => self::CORD], 0.0),
            default => $assembly,
        };
    }

    public function scene(Scene $scene): Scene
    {
        if ($this->stand() !== Stand::Feet) {
            return $scene;
        }
        [$low, $high] = $scene->reach();
        $up = $this->thickness();
        $by = $this->isAcross ? new Point(self::BEYOND - $low->x, -$low->y, $up - $low->z) : new Point(-$low->x, self::BEYOND - $low->y, $up - $low->z);
        $size = new Size($high->x - $low->x, $high->y - $low->y, $high->z - $low->z);
        [$long, $wide] = [$this->along($size) + 2.0 * self::BEYOND, $this->isAcross ? $size->depth : $size->width];
        $material = $this->isOfWood() ? 'wood' : 'board';
        $boards = array_map(fn (float $at): Solid => Solid::box(
            self::PART, $material, $this->isAcross ? new Point(0.0, $at, 0.0) : new Point($at, 0.0, 0.0),
            $this->isAcross ? new Point($long, $at + self::WIDE, $up) : new Point($at + self::WIDE, $long, $up),
        ), [0.0, max(self::WIDE, $wide - self::WIDE)]);
        $raised = $scene->movedBy($by);

        return new Scene([...$boards, ...$raised->solids], $raised->arrows, $raised->anchors, $this->size($size)->extents());
    }

    public function size(Size $size): Size
    {
        $more = 2.0 * self::BEYOND;

        return match (true) {
            $this->stand() !== Stand::Feet => $size,
            $this->isAcross => new Size($size->width + $more, max($size->depth, 2.0 * self::WIDE), $size->height + $this->thickness()),
            default => new Size(max($size->width, 2.0 * self::WIDE), $size->depth + $more, $size->height + $this->thickness()),
        };
    }

    /** Cut three times as wide as it is, and folded. */
    private function board(float $long): Panel
    {
        $fold = fn (float $y): array => [new PlanePoint(0.0, $y), new PlanePoint($long, $y)];

        return Panel::rectangle(self::PART, 'Foot, to fold in three', $long, 3.0 * self::WIDE)->alongItsGrain()->folded(...$fold(self::WIDE))->folded(...$fold(2.0 * self::WIDE));
    }

    private function along(Size $size): float
    {
        return $this->isAcross ? $size->width : $size->depth;
    }

    private function thickness(): float
    {
        return $this->isOfWood() ? self::WOODEN : self::FOLDED;
    }
}
