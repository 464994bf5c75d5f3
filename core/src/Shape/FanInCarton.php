<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Part\Carton;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Mark;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/**
 * A round fan set in its own carton on top of a box: front and back cut to its circle, its inside sealed round the fan, its
 * skirt taped to the box, and a door where the knob is behind.
 */
final readonly class FanInCarton implements FanMount
{
    /** Side of the door for a hand, m (assumed). */
    private const DOOR = 0.1;

    private function __construct(private Design $design, private BoxTop $top, private FanSeat $seat, private Carton $carton)
    {
    }

    /** @throws DoesNotFit */
    public static function of(Design $design, BoxTop $top): self
    {
        $fan = $design->fan;
        FanFamilies::mustBe($fan, FanFamilies::HOUSED, $design->shape);
        $carton = $fan->carton ?? throw DoesNotFit::noCarton($fan);
        $clear = min($carton->width, $carton->height) - 2.0 * Panel::THICKNESS;
        if (! $fan->body->isRound() || $fan->body->side > $clear || $fan->body->depth > $carton->depth - 2.0 * Panel::THICKNESS + 1e-9) {
            throw DoesNotFit::notInCarton($fan);
        }
        $overhang = max($carton->width - $top->width, $carton->height - $top->depth) / 2.0;
        $gap = max($top->openWidth - $carton->width, $top->openDepth - $carton->height);
        if ($overhang > FanSeat::ALLOWED_OVERHANG + 1e-9 || $gap > 1e-9) {
            throw DoesNotFit::cartonOffBox($carton, $top, FanSeat::ALLOWED_OVERHANG);
        }

        return new self($design, $top, FanSeat::on($top, $fan), $carton);
    }

    public static function option(): ShapeOption
    {
        return (new ShapeOption('round-fan', 'How a round fan sits', ['cover' => 'On a cover cut to its circle', 'carton' => 'In its own carton, taped to the box'], 'cover'))->ofTheRoom();
    }

    /** Whether a design sets its fan so. */
    public static function isChosen(Design $design): bool
    {
        return $design->option('round-fan') === 'carton' && $design->fan->body->isRound();
    }

    public function panels(): array
    {
        $face = fn (string $id, string $name): Panel => Panel::rectangle($id, $name, $this->carton->width, $this->carton->height, $this->design->fan->body->bladeCircle)->from(Panel::FAN_CARTON);

        return [
            $face('carton-back', 'Carton, back'),
            $face('carton-front', 'Carton, front'),
            ...($this->hasDoor() ? [$this->sideWithDoor()] : []),
        ];
    }

    /** The door is cut on three sides and folded along its upper one. */
    private function sideWithDoor(): Panel
    {
        [$middle, $height] = [$this->carton->width / 2.0, min(self::DOOR, $this->carton->depth - 0.04)];
        $hinge = ($this->carton->depth + $height) / 2.0;

        return Panel::withHoles('carton-side', 'Carton, side with the door', $this->carton->width, $this->carton->depth, [Hole::rectangle($middle, $this->carton->depth / 2.0, self::DOOR, $height)])
            ->from(Panel::FAN_CARTON)->folded(new PlanePoint($middle - self::DOOR / 2.0, $hinge), new PlanePoint($middle + self::DOOR / 2.0, $hinge));
    }

    public function seams(): array
    {
        return [
            new Seam('Carton’s skirt to the box', $this->top->perimeter(), 4),
            new Seam('Fan to its carton, inside', 2.0 * $this->design->fan->body->perimeter(), 2),
            ...($this->hasDoor() ? [new Seam('Door for the knob', 4.0 * self::DOOR, 1, Seam::RESTING)] : []),
        ];
    }

    public function openings(): array
    {
        return $this->seat->openings($this->design->corners, true);
    }

    public function throttle(): float
    {
        return $this->seat->throttle($this->top->openWidth * $this->top->openDepth);
    }

    public function remarks(): array
    {
        return FanOnTop::throttled($this->throttle());
    }

    public function hardware(): array
    {
        return [];
    }

    public function lengths(): array
    {
        return [];
    }

    public function height(): float
    {
        return $this->carton->depth;
    }

    public function outside(): array
    {
        return ['width' => max($this->top->width, $this->carton->width), 'depth' => max($this->top->depth, $this->carton->height)];
    }

    public function solids(float $z): array
    {
        $fan = $this->design->fan;
        [$w, $h, $t] = [$this->carton->width, $this->carton->height, Panel::THICKNESS];
        [$x, $y] = [($this->top->width - $w) / 2.0, ($this->top->depth - $h) / 2.0];
        [$x1, $y1, $top] = [$x + $w, $y + $h, $z + $this->carton->depth];
        $board = fn (string $part, float $xa, float $ya, float $za, float $xb, float $yb, float $zb): Solid => Solid::box($part, 'board', new Point($xa, $ya, $za), new Point($xb, $yb, $zb));
        $seat = fn (float $z): Frame => Frame::top($this->top->width / 2.0, $this->top->depth / 2.0, $z);

        return [
            $board('carton-back', $x, $y, $z, $x1, $y1, $z + $t),
            $this->hasDoor()
                ? Solid::box('carton-side', 'board', new Point($x, $y, $z + $t), new Point($x1, $y + $t, $top - $t), ['front' => [self::door(Frame::front($this->top->width / 2.0, $y, ($z + $top) / 2.0))]])
                : $board('carton', $x, $y, $z + $t, $x1, $y + $t, $top - $t),
            $board('carton', $x, $y1 - $t, $z + $t, $x1, $y1, $top - $t),
            $board('carton', $x, $y + $t, $z + $t, $x + $t, $y1 - $t, $top - $t),
            $board('carton', $x1 - $t, $y + $t, $z + $t, $x1, $y1 - $t, $top - $t),
            FanSolid::of($fan, $seat($z + $t), true),
            Solid::box('carton-front', 'board', new Point($x, $y, $top - $t), new Point($x1, $y1, $top), ['top' => FanSolid::rotor($fan, $seat($top))]),
        ];
    }

    public function arrows(float $z): array
    {
        return FanOnTop::streams($this->top, $z + $this->height());
    }

    public function anchors(float $z): array
    {
        $middle = $z + $this->carton->depth / 2.0;

        return [
            ...FanOnTop::fanAnchors($this->top, $z + $this->height()),
            new Anchor('carton-front', new Point($this->top->width * 0.06, $this->top->depth * 0.94, $z + $this->carton->depth)),
            ...($this->hasDoor() ? [new Anchor('carton-side', new Point($this->top->width * 0.5, ($this->top->depth - $this->carton->height) / 2.0, $middle))] : []),
        ];
    }

    private static function door(Frame $middle): Mark
    {
        $half = self::DOOR / 2.0;

        return new Mark('door', [$middle->at(-$half, -$half), $middle->at($half, -$half), $middle->at($half, $half), $middle->at(-$half, $half)], true);
    }

    public function hasDoor(): bool
    {
        return $this->design->fan->handling->isSetFromBehind();
    }
}
