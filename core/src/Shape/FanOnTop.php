<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Closure;
use Jornel\Core\Shape\Scene\Anchor;
use Jornel\Core\Shape\Scene\Arrow;
use Jornel\Core\Shape\Scene\FanSolid;
use Jornel\Core\Shape\Scene\Frame;
use Jornel\Core\Shape\Scene\Mark;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Solid;

/**
 * A fan blowing up from an open box: straight on its rim, on a cover cut to its blade circle, or hanging below such a
 * cover inside the box.
 */
final readonly class FanOnTop
{
    /** Room to a filter under which a hanging fan is worth a word, m (assumed). */
    private const NEAR = 0.025;

    private function __construct(private Design $design, private BoxTop $top, private FanSeat $seat, private bool $hasCover, private bool $hangs)
    {
    }

    /**
     * @param  non-empty-list<string>  $families  of fans that have a seat here
     *
     * @throws DoesNotFit
     */
    public static function of(Design $design, BoxTop $top, array $families = FanFamilies::HOUSED): self
    {
        $fan = $design->fan;
        FanFamilies::mustBe($fan, $families, $design->shape);
        $seat = FanSeat::on($top, $fan);
        $seat->mustNotOverhang();
        if ($fan->body->bladeCircle > min($top->width, $top->depth) - 2.0 * Panel::THICKNESS) {
            throw DoesNotFit::bladesBeyondCover($fan, min($top->width, $top->depth));
        }

        return new self($design, $top, $seat, ! $seat->coversSquarely(), false);
    }

    /**
     * The same with the fan below the cover, inside the box.
     *
     * @throws DoesNotFit
     */
    public static function hanging(Design $design, BoxTop $top): self
    {
        FanFamilies::mustBe($design->fan, FanFamilies::HOUSED, $design->shape);
        $seat = FanSeat::on($top, $design->fan);
        $seat->mustHangFreely();

        return new self($design, $top, $seat, true, true);
    }

    /** @return list<Panel> */
    public function panels(): array
    {
        $panel = fn (string $id, string $name): Panel => Panel::rectangle($id, $name, $this->top->width, $this->top->depth, $this->design->fan->body->bladeCircle);

        return [
            ...($this->hasCover ? [$panel('cover', $this->hangs ? 'Cover over the fan' : 'Cover under the fan')] : []),
            ...($this->hasShroud() ? [$panel('shroud', 'Shroud')] : []),
        ];
    }

    /** @return list<Opening> */
    public function openings(): array
    {
        $windows = $this->hasCover || $this->design->corners !== Corners::Open ? 0.0 : $this->seat->windows();

        return [
            new Opening('Back through the fan’s corners', $this->hangs ? $this->design->fan->shroudedRecirculation : $this->seat->recirculation($this->design->corners)),
            ...($windows > 1e-9 ? [new Opening('Corner windows', $windows)] : []),
        ];
    }

    public function throttle(): float
    {
        return $this->seat->throttle($this->top->openWidth * $this->top->openDepth);
    }

    /** @return list<string> */
    public function remarks(): array
    {
        $throttle = $this->throttle();
        $round = $this->design->fan->body->isRound();

        return [
            ...($throttle < 1.0 ? [sprintf(
                'The box’s inner opening is smaller than the blade circle and throttles the fan to %.0f %%. A shallower filter or a larger plate on a collar would mend it.',
                100.0 * $throttle,
            )] : []),
            ...($this->hasCover && $round && ! $this->hangs ? ['The round fan stands on a cover cut to its blade circle: seal it all round, and leave its knob within reach.'] : []),
            ...($this->hangs ? ['The fan hangs below the rim: set its speed before closing, or leave a small door at its knob.'] : []),
            ...($this->hangs && $this->seat->clearance() < self::NEAR ? [sprintf('Only %.0f mm between the hanging fan and the filters: centre it before the ties are drawn tight.', 1000.0 * $this->seat->clearance())] : []),
        ];
    }

    /**
     * Height it adds to the box.
     *
     * @return float m
     */
    public function height(): float
    {
        return ($this->hangs ? 0.0 : $this->design->fan->body->depth) + count($this->panels()) * Panel::THICKNESS;
    }

    /**
     * @param  float  $z  top of the walls, m
     * @return list<Solid>
     */
    public function solids(float $z): array
    {
        $fan = $this->design->fan;
        $frame = fn (float $z): Frame => Frame::top($this->top->width / 2.0, $this->top->depth / 2.0, $z);
        if ($this->hangs) {
            return [
                FanSolid::of($fan, $frame($z - $fan->body->depth), Corners::Shroud),
                $this->sheet('cover', $z, FanSolid::rotor($fan, $frame($z + Panel::THICKNESS))),
            ];
        }
        $solids = [];
        if ($this->hasCover) {
            $solids[] = $this->sheet('cover', $z);
            $z += Panel::THICKNESS;
        }
        $solids[] = FanSolid::of($fan, $frame($z), $this->design->corners);
        $z += $fan->body->depth;
        if ($this->hasShroud()) {
            $solids[] = $this->sheet('shroud', $z, FanSolid::rotor($fan, $frame($z + Panel::THICKNESS)));
        }

        return $solids;
    }

    /** @return list<Arrow> */
    public function arrows(float $z): array
    {
        $x = $this->top->width / 2.0;
        $y = $this->top->depth / 2.0;
        $top = $z + $this->height();
        $right = $this->top->width * 0.97;
        $back = $this->top->depth * 0.97 - $this->top->depth * 0.5;

        return [
            new Arrow('fan', 'outlet', new Point($x, $y, $top + 0.02), new Point($x, $y, $top + 0.3)),
            new Arrow('corners', 'bypass', new Point($right + 0.14, $back + 0.1, $top + 0.13), new Point($right - 0.01, $back - 0.02, $top + 0.01)),
        ];
    }

    /** @return list<Anchor> */
    public function anchors(float $z): array
    {
        [$w, $d] = [$this->top->width, $this->top->depth];
        $top = $z + $this->height();

        return [
            new Anchor('fan', new Point($w * 0.5, $d * 0.22, $top)),
            new Anchor('corners', new Point($w * 0.94, $d * 0.94, $top)),
            ...array_map(
                fn (Panel $panel): Anchor => new Anchor($panel->id, new Point($w * 0.06, $d * 0.94, $panel->id === 'shroud' ? $top : $z + Panel::THICKNESS)),
                $this->panels(),
            ),
        ];
    }

    private function hasShroud(): bool
    {
        return ! $this->hangs && $this->design->corners === Corners::Shroud;
    }

    /** @param  list<Mark>|(Closure(): list<Mark>)  $marks on its upper side */
    private function sheet(string $id, float $z, array|Closure $marks = []): Solid
    {
        return Solid::box($id, 'board', new Point(0.0, 0.0, $z), new Point($this->top->width, $this->top->depth, $z + Panel::THICKNESS), ['top' => $marks]);
    }
}
