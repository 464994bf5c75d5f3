<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Anchor;
use Jornel\Core\Shape\Scene\Arrow;
use Jornel\Core\Shape\Scene\FanSolid;
use Jornel\Core\Shape\Scene\Frame;
use Jornel\Core\Shape\Scene\Mark;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Solid;

/** A fan blowing up from a square box: straight on its rim, or on a cover cut to its blade circle. */
final readonly class FanOnTop
{
    private const FAMILIES = ['box fan', 'round floor fan', 'drum fan', 'circulator'];

    private function __construct(
        private Design $design,
        private Pinwheel $pinwheel,
        private FanSeat $seat,
        private bool $hasCover,
    ) {
    }

    /** @throws DoesNotFit */
    public static function of(Design $design, Pinwheel $pinwheel): self
    {
        $fan = $design->fan;
        if (! in_array($fan->family, self::FAMILIES, true)) {
            throw DoesNotFit::noSeat($fan, mb_strtolower($design->shape->name()), self::FAMILIES);
        }
        $seat = new FanSeat($fan, $pinwheel->outside(), $pinwheel->outside(), $pinwheel->inside(), $pinwheel->inside());
        $seat->mustNotOverhang();
        if ($fan->body->bladeCircle > $pinwheel->outside() - 2.0 * Panel::THICKNESS) {
            throw DoesNotFit::bladesBeyondCover($fan, $pinwheel->outside());
        }

        return new self($design, $pinwheel, $seat, ! $seat->coversSquarely());
    }

    /** @return list<Panel> */
    public function panels(): array
    {
        $side = $this->pinwheel->outside();
        $hole = $this->design->fan->body->bladeCircle;

        return [
            ...($this->hasCover ? [new Panel('cover', 'Cover under the fan', $side, $side, $hole)] : []),
            ...($this->design->corners === Corners::Shroud ? [new Panel('shroud', 'Shroud', $side, $side, $hole)] : []),
        ];
    }

    /** @return list<Opening> */
    public function openings(): array
    {
        $windows = $this->hasCover || $this->design->corners !== Corners::Open ? 0.0 : $this->seat->windows();

        return [
            new Opening('Back through the fan’s corners', $this->seat->recirculation($this->design->corners)),
            ...($windows > 1e-9 ? [new Opening('Corner windows', $windows)] : []),
        ];
    }

    public function throttle(): float
    {
        return $this->seat->throttle($this->pinwheel->inside() ** 2);
    }

    /** @return list<string> */
    public function remarks(): array
    {
        $throttle = $this->throttle();

        return [
            ...($throttle < 1.0 ? [sprintf(
                'The box’s inner opening is smaller than the blade circle and throttles the fan to %.0f %%. A shallower filter or a larger plate on a collar would mend it.',
                100.0 * $throttle,
            )] : []),
            ...($this->hasCover && $this->design->fan->body->isRound() ? ['The round fan stands on a cover cut to its blade circle: seal it all round, and leave its knob within reach.'] : []),
        ];
    }

    /**
     * Height it adds to the box.
     *
     * @return float m
     */
    public function height(): float
    {
        return $this->design->fan->body->depth + count($this->panels()) * Panel::THICKNESS;
    }

    /**
     * @param  float  $z  top of the walls, m
     * @return list<Solid>
     */
    public function solids(float $z): array
    {
        $side = $this->pinwheel->outside();
        $middle = $side / 2.0;
        $solids = [];
        if ($this->hasCover) {
            $solids[] = self::sheet('cover', $side, $z);
            $z += Panel::THICKNESS;
        }
        $solids[] = FanSolid::of($this->design->fan, Frame::top($middle, $middle, $z), $this->design->corners);
        $z += $this->design->fan->body->depth;
        if ($this->design->corners === Corners::Shroud) {
            $solids[] = self::sheet('shroud', $side, $z, [...FanSolid::rotor($this->design->fan, Frame::top($middle, $middle, $z + Panel::THICKNESS))]);
        }

        return $solids;
    }

    /** @return list<Arrow> */
    public function arrows(float $z): array
    {
        $middle = $this->pinwheel->outside() / 2.0;
        $top = $z + $this->height();
        $corner = $this->pinwheel->outside() * 0.97;
        $half = $this->pinwheel->outside() * 0.5;

        return [
            new Arrow('fan', 'outlet', new Point($middle, $middle, $top + 0.02), new Point($middle, $middle, $top + 0.3)),
            new Arrow('corners', 'bypass', new Point($corner + 0.14, $corner - $half + 0.1, $top + 0.13), new Point($corner - 0.01, $corner - $half - 0.02, $top + 0.01)),
        ];
    }

    /** @return list<Anchor> */
    public function anchors(float $z): array
    {
        $side = $this->pinwheel->outside();
        $top = $z + $this->height();

        return [
            new Anchor('fan', new Point($side * 0.5, $side * 0.22, $top)),
            new Anchor('corners', new Point($side * 0.94, $side * 0.94, $top)),
            ...array_map(
                fn (Panel $panel): Anchor => new Anchor($panel->id, new Point($side * 0.06, $side * 0.94, $panel->id === 'shroud' ? $top : $z + Panel::THICKNESS)),
                $this->panels(),
            ),
        ];
    }

    /** @param  list<Mark>  $marks on its upper side */
    private static function sheet(string $id, float $side, float $z, array $marks = []): Solid
    {
        return Solid::box($id, 'board', new Point(0.0, 0.0, $z), new Point($side, $side, $z + Panel::THICKNESS), ['top' => $marks]);
    }
}
