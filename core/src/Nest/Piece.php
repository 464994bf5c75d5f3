<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;

/** One part that is to lie on a sheet. */
final class Piece
{
    /** @var array<int, Pose> by degrees */
    private array $poses = [];

    /** @var array<string, non-empty-list<Pose>> by grain */
    private array $ways = [];

    /** Board in it, m2: what lies within its outline and in none of its holes. */
    public readonly float $area;

    /**
     * @param  string  $label  by which it is found again
     * @param  non-empty-list<PlanePoint>  $outline  three corners or more about its own origin, m, anticlockwise
     * @param  list<non-empty-list<PlanePoint>>  $holes  inside it, m, anticlockwise; only in convex ones other parts are laid
     * @param  bool  $mayTurn  whether the flutes do not matter to it
     * @param  string  $material  what it is cut from
     */
    public function __construct(
        public readonly string $label,
        public readonly array $outline,
        public readonly array $holes,
        public readonly bool $mayTurn,
        public readonly string $material = '',
    ) {
        $this->area = (new Polygon($outline))->area() - array_sum(array_map(fn (array $hole): float => (new Polygon($hole))->area(), $holes));
    }

    /** As it lies after so many degrees anticlockwise about its origin. */
    public function posed(int $degrees): Pose
    {
        return $this->poses[$degrees] ??= Pose::of($this->outline, array_values(array_filter($this->holes, ConvexCover::isConvexOf(...))), $degrees);
    }

    /**
     * In which ways it may lie on a sheet, those that look alike once.
     *
     * @return non-empty-list<Pose>
     */
    public function poses(Grain $grain): array
    {
        return $this->ways[$grain->value] ??= $this->found($this->mayTurn ? [0, 90, 180, 270] : $grain->turns());
    }

    /**
     * @param  non-empty-list<int>  $turns
     * @return non-empty-list<Pose>
     */
    private function found(array $turns): array
    {
        $poses = [];
        foreach ($turns as $degrees) {
            $pose = $this->posed($degrees);
            $poses[$pose->form()] ??= $pose;
        }

        return array_values($poses);
    }

    /** The same part under another label shares what was found out about its form. */
    public function labelled(string $label): self
    {
        $other = new self($label, $this->outline, $this->holes, $this->mayTurn, $this->material);
        $other->poses = &$this->poses;
        $other->ways = &$this->ways;

        return $other;
    }
}
