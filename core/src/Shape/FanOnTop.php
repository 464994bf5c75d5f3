<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Closure;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Mark;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** A fan blowing up from an open box: straight on its rim, or on a cover cut to its blade circle. */
final readonly class FanOnTop implements FanMount
{
    private function __construct(private Design $design, private BoxTop $top, private FanSeat $seat, public bool $hasCover)
    {
    }

    /**
     * On the rim where the fan covers the box's opening, on a cover where it does not.
     *
     * @throws DoesNotFit
     */
    public static function of(Design $design, BoxTop $top): self
    {
        $fan = $design->fan;
        FanFamilies::mustBe($fan, FanFamilies::HOUSED, $design->shape);
        $seat = FanSeat::on($top, $fan);
        $seat->mustNotOverhang();
        $side = min($top->width, $top->depth);
        $hasCover = ! $seat->coversSquarely();
        if ($hasCover && $fan->body->bladeCircle > $side - 2.0 * Panel::EDGE) {
            throw DoesNotFit::bladesBeyondCover($fan, $side);
        }
        // A body that reaches the walls all round stands on them.
        if ($fan->body->side < max($top->openWidth, $top->openDepth)) {
            Sheet::of($design)->mustBear($fan->mass, $fan);
        }

        return new self($design, $top, $seat, $hasCover);
    }

    public function panels(): array
    {
        $shroud = Shroud::of($this->design)?->panel()->from($this->sheet()->material());

        return [
            ...($this->hasCover ? [Panel::rectangle('cover', 'Cover under the fan', $this->top->width, $this->top->depth, $this->design->fan->body->bladeCircle)->from($this->sheet()->material())] : []),
            ...($shroud === null ? [] : [$shroud]),
        ];
    }

    public function seams(): array
    {
        return [
            new Seam('Filters to fan or cover', $this->top->perimeter(), 4),
            ...($this->hasCover ? [new Seam('Fan to its cover', $this->design->fan->body->perimeter(), 4)] : []),
        ];
    }

    public function openings(): array
    {
        return $this->seat->openings($this->design->corners, $this->hasCover);
    }

    public function throttle(): float
    {
        return $this->seat->throttle($this->top->openWidth * $this->top->openDepth);
    }

    public function remarks(): array
    {
        $isRound = $this->design->fan->body->isRound();

        return [
            ...self::throttled($this->throttle()),
            ...($this->hasCover && $isRound ? ['The round fan stands on a cover cut to its blade circle: seal it all round.'] : []),
        ];
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
        return $this->design->fan->body->depth + count($this->panels()) * $this->sheet()->thickness();
    }

    public function outside(): array
    {
        $side = $this->design->fan->body->side;

        return ['width' => max($this->top->width, $side), 'depth' => max($this->top->depth, $side)];
    }

    public function solids(float $z): array
    {
        $fan = $this->design->fan;
        $solids = [];
        if ($this->hasCover) {
            $solids[] = $this->sheetAt('cover', $z);
            $z += $this->sheet()->thickness();
        }
        $solids[] = FanSolid::of($fan, $this->frame($z), $this->design->hasShroud());
        $z += $fan->body->depth;
        if ($this->design->hasShroud()) {
            [$x, $y, $half] = [$this->top->width / 2.0, $this->top->depth / 2.0, $fan->body->side / 2.0];
            $solids[] = Solid::box(
                Shroud::PART, $this->sheet()->drawnAs(), new Point($x - $half, $y - $half, $z), new Point($x + $half, $y + $half, $z + $this->sheet()->thickness()),
                ['top' => FanSolid::rotor($fan, $this->frame($z + $this->sheet()->thickness()))],
            );
        }

        return $solids;
    }

    public function arrows(float $z): array
    {
        return self::streams($this->top, $z + $this->height());
    }

    public function anchors(float $z): array
    {
        [$w, $d] = [$this->top->width, $this->top->depth];
        $top = $z + $this->height();

        return [
            ...self::fanAnchors($this->top, $top),
            ...array_map(
                fn (Panel $panel): Anchor => new Anchor($panel->id, $panel->id === Shroud::PART
                    ? new Point($w * 0.5 - $this->design->fan->body->side * 0.44, $d * 0.5 + $this->design->fan->body->side * 0.44, $top)
                    : new Point($w * 0.06, $d * 0.94, $z + $this->sheet()->thickness())),
                $this->panels(),
            ),
        ];
    }

    /**
     * What a box's inner opening that is smaller than the blade circle does.
     *
     * @return list<string>
     */
    public static function throttled(float $throttle): array
    {
        return $throttle < 1.0 ? [sprintf(
            'The box’s inner opening is smaller than the blade circle and throttles the fan to %.0f %%. A shallower filter or a larger plate on a collar would mend it.',
            100.0 * $throttle,
        )] : [];
    }

    /**
     * The air that a fan on a box blows up, and what falls back at its corners.
     *
     * @param  float  $z  top of all, m
     * @return list<Arrow>
     */
    public static function streams(BoxTop $top, float $z): array
    {
        [$x, $y] = [$top->width / 2.0, $top->depth / 2.0];
        [$right, $back] = [$top->width * 0.97, $top->depth * 0.47];

        return [
            new Arrow('fan', 'outlet', new Point($x, $y, $z + 0.02), new Point($x, $y, $z + 0.3)),
            new Arrow('corners', 'bypass', new Point($right + 0.14, $back + 0.1, $z + 0.13), new Point($right - 0.01, $back - 0.02, $z + 0.01)),
        ];
    }

    /**
     * @param  float  $z  top of all, m
     * @return list<Anchor>
     */
    public static function fanAnchors(BoxTop $top, float $z): array
    {
        return [
            new Anchor('fan', new Point($top->width * 0.5, $top->depth * 0.22, $z)),
            new Anchor('corners', new Point($top->width * 0.94, $top->depth * 0.94, $z)),
        ];
    }

    private function sheet(): Sheet
    {
        return Sheet::of($this->design);
    }

    private function frame(float $z): Frame
    {
        return Frame::top($this->top->width / 2.0, $this->top->depth / 2.0, $z);
    }

    /** @param  list<Mark>|(Closure(): list<Mark>)  $marks on its upper side */
    private function sheetAt(string $id, float $z, array|Closure $marks = []): Solid
    {
        return Solid::box($id, $this->sheet()->drawnAs(), new Point(0.0, 0.0, $z), new Point($this->top->width, $this->top->depth, $z + $this->sheet()->thickness()), ['top' => $marks]);
    }
}
