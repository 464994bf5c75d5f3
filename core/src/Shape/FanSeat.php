<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanBody;

/** How a fan sits on the opening of a box: what it covers, what it leaves open, what throttles it. */
final readonly class FanSeat
{
    /** Room around a fan that hangs inside a box, on each side, m (assumed). */
    public const CLEARANCE = 0.003;

    /** Overhang of a fan's body over the box that is allowed on each side, m (assumed: 1 in). */
    public const ALLOWED_OVERHANG = 0.0254;

    /** An area that is none, m2. */
    private const NOTHING = 1e-9;

    /**
     * @param  float  $boxWidth  outer, m
     * @param  float  $boxDepth  outer, m
     * @param  float  $openingWidth  inner, m
     * @param  float  $openingDepth  inner, m
     */
    public function __construct(
        private Fan $fan,
        private float $boxWidth,
        private float $boxDepth,
        private float $openingWidth,
        private float $openingDepth,
    ) {
    }

    public static function on(BoxTop $top, Fan $fan): self
    {
        return new self($fan, $top->width, $top->depth, $top->openWidth, $top->openDepth);
    }

    /** @throws DoesNotFit */
    public function mustNotOverhang(): void
    {
        $side = min($this->boxWidth, $this->boxDepth);
        $overhang = ($this->fan->body->side - $side) / 2.0;
        if ($overhang > self::ALLOWED_OVERHANG + 1e-9) {
            throw DoesNotFit::overhangs($this->fan, $side, $overhang, self::ALLOWED_OVERHANG);
        }
    }

    /**
     * A fan that hangs inside the box must fit between its walls.
     *
     * @throws DoesNotFit
     */
    public function mustHangFreely(): void
    {
        $open = min($this->openingWidth, $this->openingDepth);
        if ($this->fan->body->side + 2.0 * self::CLEARANCE > $open) {
            throw DoesNotFit::hangs($this->fan, $open, self::CLEARANCE);
        }
    }

    /**
     * Room between a hanging fan and the filters.
     *
     * @return float m
     */
    public function clearance(): float
    {
        return (min($this->openingWidth, $this->openingDepth) - $this->fan->body->side) / 2.0;
    }

    /**
     * Without a collar the body must cover the opening to within what is allowed.
     *
     * @throws DoesNotFit
     */
    public function mustCover(): void
    {
        $opening = max($this->openingWidth, $this->openingDepth);
        if (($opening - $this->fan->body->side) / 2.0 > self::ALLOWED_OVERHANG + 1e-9) {
            throw DoesNotFit::doesNotCover($this->fan, $opening, self::ALLOWED_OVERHANG);
        }
    }

    /** Whether a plain square body covers the opening, so that no collar is needed. */
    public function coversSquarely(): bool
    {
        return ! $this->fan->body->isRound()
            && $this->fan->body->side >= max($this->openingWidth, $this->openingDepth) - 1e-9;
    }

    /**
     * What the seat leaves open, by what is done about the corners.
     *
     * @param  bool  $isClosed  whether a sheet cut to the blade circle closes what the housing does not cover
     * @param  int  $fans  such seats alike, 1 or more
     * @return list<Opening>
     */
    public function openings(Corners $corners, bool $isClosed, int $fans = 1): array
    {
        $windows = $isClosed || $corners->closeWindows($this->fan) ? 0.0 : $fans * $this->windows();
        $ring = $isClosed ? 0.0 : $fans * $this->ring();

        return [
            Opening::recirculation($corners, $this->fan, $fans),
            ...($windows > self::NOTHING ? [new Opening(LeakKind::CornerWindows, 'Corner windows', $windows)] : []),
            ...($ring > self::NOTHING ? [new Opening(LeakKind::UncoveredRing, 'Ring that the fan does not cover', $ring)] : []),
        ];
    }

    /** Whether the housing leaves something open that only a collar closes. */
    public function leavesRing(): bool
    {
        return $this->ring() > self::NOTHING;
    }

    /**
     * Corner windows: the part of the opening within the housing's square that its rounded corners leave uncovered.
     *
     * @return float m2
     */
    public function windows(): float
    {
        return $this->fan->body->isRound() ? 0.0 : max(0.0, $this->within() - $this->covered());
    }

    /**
     * The part of the opening that lies beyond the housing: all round a square one, and beside a round one.
     *
     * @return float m2
     */
    public function ring(): float
    {
        return max(0.0, $this->openingWidth * $this->openingDepth - ($this->fan->body->isRound() ? $this->covered() : $this->within()));
    }

    /**
     * Share of the fan's flow that an opening lets through: its area over the blade circle's, never above 1.
     *
     * @param  float  $area  of the narrowest opening, m2
     */
    public function throttle(float $area): float
    {
        return $this->fan->body->throttle($area);
    }

    /** @return float of the opening within the housing's square, m2 */
    private function within(): float
    {
        return min($this->openingWidth, $this->fan->body->side) * min($this->openingDepth, $this->fan->body->side);
    }

    /** @return float of the opening that the housing covers, m2 */
    private function covered(): float
    {
        return 4.0 * self::quarterCovered($this->fan->body, $this->openingWidth / 2.0, $this->openingDepth / 2.0);
    }

    /**
     * Area that a quarter of a rounded square covers of a quarter of the opening, both with their middle at the origin.
     *
     * @param  float  $x  half the opening's width, m
     * @param  float  $y  half the opening's depth, m
     * @return float m2
     */
    private static function quarterCovered(FanBody $body, float $x, float $y): float
    {
        $half = $body->side / 2.0;
        $radius = $body->isRound() ? $half : min($half, $body->cornerRadius);
        $straight = $half - $radius;
        $x = min($x, $half);
        $y = min($y, $half);
        // Up to x1 the housing reaches higher than the opening; from there its corner's arc is the edge.
        $rise = $y - $straight;
        $x1 = $rise <= 0.0 ? $half : $straight + sqrt(max(0.0, $radius ** 2 - $rise ** 2));
        if ($x <= $x1) {
            return $x * $y;
        }
        $from = max(0.0, $x1 - $straight);
        $to = $x - $straight;

        return $x1 * $y + ($x - $x1) * $straight + self::underArc($radius, $to) - self::underArc($radius, $from);
    }

    /** Integral of sqrt(r2 - u2) from 0 to u. */
    private static function underArc(float $radius, float $u): float
    {
        return $radius === 0.0 ? 0.0 : ($u * sqrt(max(0.0, $radius ** 2 - $u ** 2)) + $radius ** 2 * asin(min(1.0, $u / $radius))) / 2.0;
    }
}
