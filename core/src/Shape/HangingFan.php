<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/**
 * A fan tied below a cover, inside the box: its weight on the cover is the seal, and the cover lifts off with it to change
 * filters.
 */
final readonly class HangingFan implements FanMount
{
    /** Room to a filter under which a hanging fan is worth a word, m (assumed). */
    private const NEAR = 0.025;

    /** Ties that hold a fan to its cover (common practice, no source). */
    private const TIES = 4;

    /** Cord that holds one: two of 3 ft and two of 2 ft, m (common practice, no source). */
    private const CORD = 10.0 * 0.3048;

    private function __construct(private Design $design, private BoxTop $top, private FanSeat $seat)
    {
    }

    /** @throws DoesNotFit */
    public static function of(Design $design, BoxTop $top): self
    {
        FanFamilies::mustBe($design->fan, FanFamilies::HOUSED, $design->shape);
        $seat = FanSeat::on($top, $design->fan);
        $seat->mustHangFreely();
        Sheet::of($design)->mustBear($design->fan->mass, $design->fan);

        return new self($design, $top, $seat);
    }

    public static function option(): ShapeOption
    {
        return (new ShapeOption('tied-with', 'What ties a hanging fan to its cover', ['zip-ties' => 'Four zip ties', 'cord' => 'Four cords with knots that do not slip'], 'zip-ties'))->ofTheRoom();
    }

    public function panels(): array
    {
        return [Panel::rectangle('cover', 'Cover over the fan', $this->top->width, $this->top->depth, $this->design->fan->body->bladeCircle)->from($this->sheet()->material())];
    }

    public function seams(): array
    {
        return [new Seam('Cover on the filters, by the fan’s weight', $this->top->perimeter(), 4, Seam::RESTING)];
    }

    public function openings(): array
    {
        // The cover lies on the fan's outlet like a shroud.
        return $this->seat->openings(Corners::Shroud, true);
    }

    public function throttle(): float
    {
        return $this->seat->throttle($this->top->openWidth * $this->top->openDepth);
    }

    public function remarks(): array
    {
        $handling = $this->design->fan->handling;

        return [
            ...FanOnTop::throttled($this->throttle()),
            ...($handling->hasRemote ? ['The fan hangs inside the box: move the remote’s receiver to where the remote reaches it.'] : ['The fan hangs inside the box: set its speed before closing and switch it at the plug, or lift the cover to change it.']),
            ...($this->seat->clearance() < self::NEAR ? [sprintf('Only %.0f mm between the hanging fan and the filters: centre it before the ties are drawn tight.', 1000.0 * $this->seat->clearance())] : []),
        ];
    }

    public function hardware(): array
    {
        return $this->isTiedWithCord() ? [] : ['zip-ties' => self::TIES];
    }

    public function lengths(): array
    {
        return $this->isTiedWithCord() ? ['cord' => self::CORD] : [];
    }

    public function height(): float
    {
        return $this->sheet()->thickness();
    }

    public function outside(): array
    {
        return ['width' => $this->top->width, 'depth' => $this->top->depth];
    }

    public function solids(float $z): array
    {
        $fan = $this->design->fan;
        $thick = $this->sheet()->thickness();
        $frame = fn (float $z): Frame => Frame::top($this->top->width / 2.0, $this->top->depth / 2.0, $z);

        return [
            FanSolid::of($fan, $frame($z - $fan->body->depth), true),
            Solid::box('cover', $this->sheet()->drawnAs(), new Point(0.0, 0.0, $z), new Point($this->top->width, $this->top->depth, $z + $thick), ['top' => FanSolid::rotor($fan, $frame($z + $thick))]),
        ];
    }

    public function arrows(float $z): array
    {
        return FanOnTop::streams($this->top, $z + $this->height());
    }

    public function anchors(float $z): array
    {
        return [
            ...FanOnTop::fanAnchors($this->top, $z + $this->height()),
            new Anchor('cover', new Point($this->top->width * 0.06, $this->top->depth * 0.94, $z + $this->height())),
        ];
    }

    public function isTiedWithCord(): bool
    {
        return $this->design->option('tied-with') === 'cord';
    }

    private function sheet(): Sheet
    {
        return Sheet::of($this->design);
    }
}
