<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** A dimension to be drawn between two points. */
final readonly class Extent
{
    /** @param  string  $name `width`, `depth`, `height` */
    public function __construct(public string $name, public Point $from, public Point $to, public Point $away)
    {
    }

    /**
     * Width in front, depth and height at the right of something that begins at the origin.
     *
     * @return list<self>
     */
    public static function box(float $width, float $depth, float $height): array
    {
        $right = new Point(1.0, 0.0, 0.0);

        return [
            new self('width', new Point(0.0, 0.0, 0.0), new Point($width, 0.0, 0.0), new Point(0.0, -1.0, 0.0)),
            new self('depth', new Point($width, 0.0, 0.0), new Point($width, $depth, 0.0), $right),
            new self('height', new Point($width, $depth, 0.0), new Point($width, $depth, $height), $right),
        ];
    }

    /** @return float m */
    public function length(): float
    {
        $along = $this->to->minus($this->from);

        return sqrt($along->dot($along));
    }
}
