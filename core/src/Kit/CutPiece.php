<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Cut\CutHole;
use Jornel\Core\Cut\CutPart;

/** A panel as it is laid out in rows: the rectangle round it, or round two triangles head to tail. */
final readonly class CutPiece
{
    /** @var non-empty-list<array{float, float}> sides along and across the rows of a sheet whose flutes run along them, m */
    private array $along;

    /** @var non-empty-list<array{float, float}> the same where they run across them, m */
    private array $across;

    public float $long;

    public float $short;

    /**
     * @param  float  $width  along its flutes where they matter, m
     * @param  float  $height  m
     * @param  bool  $mayTurn  whether flutes do not matter
     * @param  float  $area  of board, m2
     * @param  float  $hole  diameter of the largest round hole, m; 0 for none
     */
    public function __construct(public float $width, public float $height, public bool $mayTurn = true, public float $area = 0.0, public float $hole = 0.0)
    {
        [$this->long, $this->short] = $width > $height ? [$width, $height] : [$height, $width];
        $both = [[$this->long, $this->short], [$this->short, $this->long]];
        $this->along = $mayTurn ? $both : [[$width, $height]];
        $this->across = $mayTurn ? $both : [[$height, $width]];
    }

    /**
     * All pieces of some parts.
     *
     * @param  list<CutPart>  $parts  of one material
     * @return list<self>
     */
    public static function all(array $parts): array
    {
        $pieces = [];
        foreach ($parts as $part) {
            $hole = array_reduce($part->holes, fn (float $most, CutHole $one): float => $one->middle === null ? $most : max($most, 2.0 * $one->radius), 0.0);
            $one = new self($part->width(), $part->height(), $part->mayTurn, $part->area(), $hole);
            $pairs = count($part->outline) === 3 ? intdiv($part->count, 2) : 0;
            array_push($pieces, ...array_fill(0, $pairs, self::pair($part)), ...array_fill(0, $part->count - 2 * $pairs, $one));
        }

        return $pieces;
    }

    /** Two triangles, one turned by half a turn beside the other. */
    private static function pair(CutPart $part): self
    {
        $low = min(array_column($part->outline, 'x'));
        $heights = array_column($part->outline, 'y');
        $apex = $part->outline[array_search(max($heights), $heights, true)]->x - $low;
        $more = min($apex, $part->width() - $apex);

        return new self($part->width() + $more + 2.0 * Cutting::KERF, $part->height(), $part->mayTurn, 2.0 * $part->area());
    }

    /**
     * Sides along and across the rows of a sheet, in which it may lie there.
     *
     * @param  bool  $along  whether the sheet's flutes run along its rows
     * @return non-empty-list<array{float, float}> m
     */
    public function waysOn(bool $along): array
    {
        return $along ? $this->along : $this->across;
    }

    /** @param  list<array{float, float}>  $areas  their flutes along the second side, m */
    public function fitsAny(array $areas): bool
    {
        foreach ($areas as [$width, $height]) {
            foreach ($this->across as [$across, $up]) {
                if ($across <= $width && $up <= $height) {
                    return true;
                }
            }
        }

        return false;
    }
}
