<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** An edge on the outside of a scene along which two parts meet: where tape or glue runs. */
final readonly class JoinedEdge
{
    /**
     * @param  array{string, string}  $parts  that meet there
     * @param  Point  $from  one end
     * @param  Point  $to  the other
     * @param  list<array{int, int, Point}>  $sides  number of the solid, of its face, and which way over it a strip lies from the edge
     */
    public function __construct(public array $parts, public Point $from, public Point $to, public array $sides)
    {
    }

    /** @return float m */
    public function length(): float
    {
        $along = $this->to->minus($this->from);

        return sqrt($along->dot($along));
    }

    public function isUpright(): bool
    {
        return abs($this->to->z - $this->from->z) > 0.99 * $this->length();
    }

    /**
     * A piece of it at either end; the whole where it is no longer than both.
     *
     * @param  float  $length  of each piece, m, above 0
     * @return non-empty-list<self>
     */
    public function ends(float $length): array
    {
        $share = $length / $this->length();

        return $share >= 0.5 ? [$this] : [
            new self($this->parts, $this->from, $this->from->towards($this->to, $share), $this->sides),
            new self($this->parts, $this->to->towards($this->from, $share), $this->to, $this->sides),
        ];
    }
}
