<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Scene\Anchor;
use Jornel\Core\Shape\Scene\Arrow;
use Jornel\Core\Shape\Scene\FilterMarks;
use Jornel\Core\Shape\Scene\Frame;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Solid;

/** Four square framed filters standing in a pinwheel: the walls of a cube. */
final readonly class FourWalls
{
    /** Length of the arrows of the air that are drawn, m. */
    private const ARROW = 0.16;

    private function __construct(private Filter $filter, public Pinwheel $pinwheel)
    {
    }

    /** @throws DoesNotFit */
    public static function of(Filter $filter, string $shape): self
    {
        if (! $filter->isFramed()) {
            throw DoesNotFit::notAFrame($filter, $shape);
        }
        if (! $filter->isSquare()) {
            throw DoesNotFit::notSquare($filter, $shape);
        }
        $pinwheel = new Pinwheel($filter->width, $filter->depth);
        if ($pinwheel->netWidth($filter->rim) <= 0.0 || $pinwheel->inside() <= 0.0) {
            throw DoesNotFit::tooDeep($filter, $shape);
        }

        return new self($filter, $pinwheel);
    }

    /** @return non-empty-list<FilterFace> */
    public function faces(): array
    {
        $face = fn (string $id): FilterFace => FilterFace::of(
            $id,
            $this->filter,
            $this->pinwheel->netWidth($this->filter->rim),
            $this->filter->height - 2.0 * $this->filter->rim,
        );

        return [$face('face-1'), $face('face-2'), $face('face-3'), $face('face-4')];
    }

    /**
     * The seams of the four corners and of the walls with base and top: 4 H + 8 S.
     *
     * @return list<Seam>
     */
    public function seams(string $base): array
    {
        $side = $this->pinwheel->outside();

        return [
            new Seam('Filter to filter, upright', 4.0 * $this->filter->height, 4),
            new Seam("Filters to {$base}", 4.0 * $side, 4),
            new Seam('Filters to fan or cover', 4.0 * $side, 4),
        ];
    }

    /** @return list<string> */
    public function remarks(): array
    {
        $covered = 1.0 - $this->pinwheel->netWidth($this->filter->rim) / ($this->filter->width - 2.0 * $this->filter->rim);

        return $covered < 0.05 ? [] : [sprintf(
            'Frames this deep cover %.0f %% of each other’s face where they overlap. Joined outside at the corners with strips instead, or in a shallower depth, they would keep it.',
            100.0 * $covered,
        )];
    }

    /**
     * The four frames, the first in front, the others anticlockwise as seen from above.
     *
     * @param  float  $z  height of their lower edge, m
     * @return list<Solid>
     */
    public function solids(float $z): array
    {
        $w = $this->filter->width;
        $t = $this->filter->depth;
        $s = $this->pinwheel->outside();
        $h = $this->filter->height;

        return [
            Solid::box('face-1', 'filter', new Point(0.0, 0.0, $z), new Point($w, $t, $z + $h), ['front' => FilterMarks::on($this->filter, Frame::front(0.0, 0.0, $z), $w, $h)]),
            Solid::box('face-2', 'filter', new Point($w, 0.0, $z), new Point($s, $w, $z + $h), ['right' => FilterMarks::on($this->filter, Frame::right($s, 0.0, $z), $w, $h)]),
            Solid::box('face-3', 'filter', new Point($t, $w, $z), new Point($s, $s, $z + $h)),
            Solid::box('face-4', 'filter', new Point(0.0, $t, $z), new Point($t, $s, $z + $h)),
        ];
    }

    /** @return list<Arrow> */
    public function arrows(float $z): array
    {
        $s = $this->pinwheel->outside();
        $middle = $s / 2.0;
        $z += $this->filter->height * 0.5;
        $a = self::ARROW;

        return [
            new Arrow('face-1', 'intake', new Point($middle, -$a * 1.9, $z), new Point($middle, -$a * 0.5, $z)),
            new Arrow('face-2', 'intake', new Point($s + $a * 1.9, $middle, $z), new Point($s + $a * 0.5, $middle, $z)),
        ];
    }

    /** @return list<Anchor> */
    public function anchors(float $z): array
    {
        $s = $this->pinwheel->outside();
        $h = $this->filter->height;

        return [
            new Anchor('face-1', new Point($s * 0.3, 0.0, $z + $h * 0.6)),
            new Anchor('face-2', new Point($s, $s * 0.6, $z + $h * 0.6)),
            new Anchor('seam', new Point($s, 0.0, $z + $h * 0.22)),
            new Anchor('box', new Point(0.0, 0.0, $z + $h * 0.3)),
        ];
    }
}
