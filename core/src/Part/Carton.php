<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** The carton that a fan comes in. */
final readonly class Carton
{
    /**
     * @param  float  $width  of its two large faces, m
     * @param  float  $height  of the same, m
     * @param  float  $depth  from one of them to the other, m
     */
    private function __construct(public float $width, public float $height, public float $depth)
    {
    }

    /**
     * From `carton_width`, `carton_height` and `carton_depth`; without a depth the body's is taken.
     *
     * @throws BadRecord
     */
    public static function read(Record $fan, FanBody $body): ?self
    {
        [$width, $height] = [$fan->optional('carton_width', 0.0), $fan->optional('carton_height', 0.0)];

        return $width === null || $height === null ? null : new self($width->si, $height->si, $fan->optional('carton_depth', 0.0)->si ?? $body->depth);
    }
}
