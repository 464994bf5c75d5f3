<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Cut\CutHole;
use Jornel\Core\Geometry\PlanePoint;

/** Lines, circles and words at full size, by what they are for. */
final class CutDrawing
{
    /** @var list<array{layer: Layer, corners: list<PlanePoint>, closed: bool}> */
    public array $lines = [];

    /** @var list<array{layer: Layer, middle: PlanePoint, radius: float}> */
    public array $circles = [];

    /** @var list<array{layer: Layer, at: PlanePoint, height: float, text: string, middle: bool, upright: bool}> */
    public array $texts = [];

    /** @param  list<string>  $heading  project, part, count, date */
    public function __construct(public readonly array $heading)
    {
    }

    /** @param  list<PlanePoint>  $corners  m */
    public function line(Layer $layer, array $corners, bool $closed = false): self
    {
        $this->lines[] = ['layer' => $layer, 'corners' => $corners, 'closed' => $closed];

        return $this;
    }

    /** @param  float  $radius  m */
    public function circle(Layer $layer, PlanePoint $middle, float $radius): self
    {
        $this->circles[] = ['layer' => $layer, 'middle' => $middle, 'radius' => $radius];

        return $this;
    }

    /**
     * @param  float  $height  of capitals, m
     * @param  bool  $isMiddle  whether it stands with its middle there, else it begins there
     * @param  bool  $isUpright  whether it is read from the right
     */
    public function text(PlanePoint $at, float $height, string $text, bool $isMiddle = true, bool $isUpright = false): self
    {
        $this->texts[] = ['layer' => Layer::Text, 'at' => $at, 'height' => $height, 'text' => $text, 'middle' => $isMiddle, 'upright' => $isUpright];

        return $this;
    }

    public function cross(PlanePoint $at, float $arm): self
    {
        return $this
            ->line(Layer::Mark, [$at->plus(new PlanePoint(-$arm, 0.0)), $at->plus(new PlanePoint($arm, 0.0))])
            ->line(Layer::Mark, [$at->plus(new PlanePoint(0.0, -$arm)), $at->plus(new PlanePoint(0.0, $arm))]);
    }

    public function hole(CutHole $hole): self
    {
        return $hole->middle === null ? $this->line(Layer::Cut, $hole->corners(), true) : $this->circle(Layer::Cut, $hole->middle, $hole->radius);
    }

    /** @return array{float, float, float, float} left, low, right, high, m */
    public function extent(): array
    {
        [$left, $low, $right, $high] = [INF, INF, -INF, -INF];
        foreach ($this->lines as $line) {
            foreach ($line['corners'] as $at) {
                [$left, $low, $right, $high] = [min($left, $at->x), min($low, $at->y), max($right, $at->x), max($high, $at->y)];
            }
        }
        foreach ($this->circles as $circle) {
            [$at, $r] = [$circle['middle'], $circle['radius']];
            [$left, $low, $right, $high] = [min($left, $at->x - $r), min($low, $at->y - $r), max($right, $at->x + $r), max($high, $at->y + $r)];
        }

        return [$left, $low, $right, $high];
    }
}
