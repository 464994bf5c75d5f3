<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Solid;

/** How a fan closes the open top of a box and blows up from it. */
interface FanMount
{
    /** @return list<Panel> */
    public function panels(): array;

    /** @return non-empty-list<Seam> between the walls and what closes them, and round the fan */
    public function seams(): array;

    /** @return list<Opening> */
    public function openings(): array;

    /** Share of the fan's flow that the narrowest opening lets through, above 0, at most 1. */
    public function throttle(): float;

    /** @return list<string> */
    public function remarks(): array;

    /** @return array<string, int> pieces that it takes besides, by id of the catalogue's materials */
    public function hardware(): array;

    /** @return array<string, float> the same of what is sold by length, m */
    public function lengths(): array;

    /**
     * Height it adds to the box.
     *
     * @return float m
     */
    public function height(): float;

    /**
     * Width and depth of the box with it.
     *
     * @return array{width: float, depth: float} m
     */
    public function outside(): array;

    /**
     * @param  float  $z  top of the walls, m
     * @return list<Solid>
     */
    public function solids(float $z): array;

    /** @return list<Arrow> */
    public function arrows(float $z): array;

    /** @return list<Anchor> */
    public function anchors(float $z): array;
}
