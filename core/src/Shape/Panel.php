<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;

/** A sheet to cut: an outline and the holes in it. */
final readonly class Panel
{
    /** Board that must remain between a hole and the panel's edge, m (assumed). */
    public const EDGE = 0.010;

    /** Board that must remain between two holes, m (assumed). */
    public const WEB = 0.003;

    /** Thickness of carton board, m (assumed). */
    public const THICKNESS = 0.004;

    /** Cut from the cartons that fan and filters came in, or from bought board of the same kind. */
    public const CARTON = 'board-24x36';

    /** Cut into the fan's own carton, which stays whole. */
    public const FAN_CARTON = 'fan-carton';

    /**
     * @param  string  $id  the part in the scene that it is
     * @param  string  $name  `Base`, `Cover`, `Shroud`
     * @param  float  $width  of the outline, m
     * @param  float  $height  of the outline, m
     * @param  float|null  $hole  diameter of the one round hole in the middle of a rectangle, m; null for any other panel
     * @param  non-empty-list<PlanePoint>  $outline  corners, m, anticlockwise; the lower left of its extent at 0, 0
     * @param  list<Hole>  $holes
     * @param  string  $sheet  id of the catalogue's sheet that it is cut from
     * @param  bool  $runsAlong  whether flutes or grain must run along its longer side
     * @param  list<array{PlanePoint, PlanePoint}>  $folds  lines to fold along, m
     * @param  bool  $isSpaced  whether its holes were placed at their distances already
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $width,
        public float $height,
        public ?float $hole,
        public array $outline,
        public array $holes,
        public string $sheet = self::CARTON,
        public bool $runsAlong = false,
        public array $folds = [],
        private bool $isSpaced = false,
    ) {
    }

    /** @param  float|null  $hole diameter of a round hole in its middle, m */
    public static function rectangle(string $id, string $name, float $width, float $height, ?float $hole = null): self
    {
        return new self($id, $name, $width, $height, $hole, self::box($width, $height), $hole === null ? [] : [Hole::round($width / 2.0, $height / 2.0, $hole)]);
    }

    /** @param  list<Hole>  $holes */
    public static function withHoles(string $id, string $name, float $width, float $height, array $holes): self
    {
        return new self($id, $name, $width, $height, null, self::box($width, $height), $holes);
    }

    /**
     * @param  non-empty-list<PlanePoint>  $outline  corners in any place, m, anticlockwise
     * @param  list<Hole>  $holes  in the same place
     */
    public static function polygon(string $id, string $name, array $outline, array $holes = []): self
    {
        $low = new PlanePoint(min(array_column($outline, 'x')), min(array_column($outline, 'y')));

        return new self(
            $id, $name,
            max(array_column($outline, 'x')) - $low->x,
            max(array_column($outline, 'y')) - $low->y,
            null,
            array_map(fn (PlanePoint $corner): PlanePoint => $corner->minus($low), $outline),
            array_map(fn (Hole $hole): Hole => $hole->isRound ? Hole::round($hole->x - $low->x, $hole->y - $low->y, $hole->width) : Hole::rectangle($hole->x - $low->x, $hole->y - $low->y, $hole->width, $hole->height), $holes),
        );
    }

    /** The same cut from another sheet of the catalogue. */
    public function from(string $sheet): self
    {
        return new self($this->id, $this->name, $this->width, $this->height, $this->hole, $this->outline, $this->holes, $sheet, $this->runsAlong, $this->folds, $this->isSpaced);
    }

    /** The same whose holes were placed at their distances from edges and each other, as those of a row of fans. */
    public function spaced(): self
    {
        return new self($this->id, $this->name, $this->width, $this->height, $this->hole, $this->outline, $this->holes, $this->sheet, $this->runsAlong, $this->folds, true);
    }

    /** The same with one hole more. */
    public function withHole(Hole $hole): self
    {
        return new self($this->id, $this->name, $this->width, $this->height, $this->hole, $this->outline, [...$this->holes, $hole], $this->sheet, $this->runsAlong, $this->folds, $this->isSpaced);
    }

    /** The same with flutes or grain along its longer side, as it carries weight or holds straight. */
    public function alongItsGrain(): self
    {
        return new self($this->id, $this->name, $this->width, $this->height, $this->hole, $this->outline, $this->holes, $this->sheet, true, $this->folds, $this->isSpaced);
    }

    /** The same folded along a line instead of cut there. */
    public function folded(PlanePoint $from, PlanePoint $to): self
    {
        return new self($this->id, $this->name, $this->width, $this->height, $this->hole, $this->outline, $this->holes, $this->sheet, $this->runsAlong, [...$this->folds, [$from, $to]], $this->isSpaced);
    }

    public function isRectangle(): bool
    {
        return count($this->outline) === 4 && abs($this->outlineArea() - $this->width * $this->height) < 1e-9;
    }

    /**
     * Between two of its holes, and between a hole and its edge, enough board must remain.
     *
     * @throws DoesNotFit
     */
    public function holesMustKeepTheirDistance(): void
    {
        foreach ($this->isSpaced ? [] : $this->holes as $number => $hole) {
            $lacks = max(0.0, self::EDGE - $this->edgeOf($hole));
            foreach (array_slice($this->holes, $number + 1) as $other) {
                $lacks = max($lacks, self::WEB - $hole->distanceTo($other));
            }
            if ($lacks > 1e-6) {
                throw DoesNotFit::holeAtEdge($this, $lacks);
            }
        }
    }

    /** @return float board between a hole and the nearest edge, m; below 0 where it breaks through */
    private function edgeOf(Hole $hole): float
    {
        $least = INF;
        foreach ($this->outline as $i => $from) {
            $to = $this->outline[($i + 1) % count($this->outline)];
            $along = $from->distanceTo($to);
            foreach ($along > 0.0 ? $hole->reach() : [] as [$at, $radius]) {
                $least = min($least, PlanePoint::turn($from, $to, $at) / $along - $radius);
            }
        }

        return $least;
    }

    /**
     * Board that is left after the holes.
     *
     * @return float m2
     */
    public function area(): float
    {
        return $this->outlineArea() - array_sum(array_map(fn (Hole $hole): float => $hole->area(), $this->holes));
    }

    private function outlineArea(): float
    {
        return (new Polygon($this->outline))->area();
    }

    /** @return non-empty-list<PlanePoint> */
    private static function box(float $width, float $height): array
    {
        return [new PlanePoint(0.0, 0.0), new PlanePoint($width, 0.0), new PlanePoint($width, $height), new PlanePoint(0.0, $height)];
    }
}
