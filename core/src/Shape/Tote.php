<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\FanFamily;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** A plastic tote with a filter in its lid and a blower or an inline fan on its side. */
final readonly class Tote implements Shape
{
    use UsualShape;

    /** Longest side of a filter whose lid can still be had, m (assumed). */
    public const LARGEST = 0.65;

    private const FAMILIES = [FanFamily::Blower, FanFamily::InlineDuct];

    /** Lid left around the filter, m (assumed). */
    private const LID = 0.04;

    private const WALL = 0.003;

    /** Height of a common tote, m (assumed). */
    private const HEIGHT = 0.32;

    /** Flange round the mouth of a blower, and the holes of its bolts, m (assumed: mark through the flange itself). */
    private const FLANGE = 0.026;

    private const BOLT = 0.0065;

    /** Zip ties that hold the guard over the open intake (common practice, no source). */
    private const TIES = 4;

    public function id(): string
    {
        return 'tote';
    }

    public function name(): string
    {
        return 'Tote with a blower';
    }

    public function description(): string
    {
        return 'A plastic tote, a filter in its lid, a blower bolted over a cut-out: quick to make, easy to carry.';
    }

    public function options(): array
    {
        return [Footing::option()];
    }

    /** Its fan hangs out at a side. */
    public function tipsSideways(): bool
    {
        return true;
    }

    public function usualDirection(): Direction
    {
        return Direction::Push;
    }

    public function drawsFromAround(): bool
    {
        return false;
    }

    public function filterCount(Design $design): int
    {
        return 1;
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);
        $filter = $design->filter;
        [$width, $depth] = $this->outside($design);
        [$openWidth, $openHeight] = $this->outlet($design);

        return new Assembly(
            faces: [FilterFace::of('face-1', $design, $filter->netArea())],
            seams: [
                new Seam('Filter to lid', 2.0 * ($filter->width + $filter->height), 4),
                new Seam('Lid on its rim', 2.0 * ($width + $depth), 4, Seam::RESTING),
                // A wall that stands is closed by foam under the bolts or the flange, whatever the joining of the filter.
                new Seam('Fan to tote, on foam', $mouth = 2.0 * ($openWidth + $openHeight), 4, Seam::FOAMED),
            ],
            openings: [],
            panels: [Panel::withHoles('lid', 'Lid', $width, $depth, [Hole::rectangle($width / 2.0, $depth / 2.0, $filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim)])->from('plastic-tote')],
            throttle: 1.0,
            remarks: self::isBolted($design) ? ['The thin plastic bends under the bolts: washers inside, and all four hand-tight before the wrench.'] : [],
            hardware: ['plastic-tote' => 1, 'coarse-media' => 1, 'zip-ties' => self::TIES] + (self::isBolted($design)
                ? ['bolts-washers' => 1]
                : [DuctBox::flange($design) => 1, 'bolts-washers' => 1, 'duct-clamp' => 1]),
            lengths: ['foam-strip' => $mouth],
            cutOuts: [$this->mouth($design)->from('plastic-tote')],
        );
    }

    /** Whether the fan has a flange of its own to bolt through; an inline fan is clamped on one that is bought. */
    public static function isBolted(Design $design): bool
    {
        return $design->fan->handling->mouth !== null;
    }

    /** The wall that the blower is bolted to: its mouth, and a bolt at each corner of its flange. */
    private function mouth(Design $design): Panel
    {
        $body = $design->fan->body;
        [, $depth] = $this->outside($design);
        $high = max(self::HEIGHT, $body->side + 0.08);
        [$width, $height] = $this->outlet($design);
        $isRound = ! self::isBolted($design);
        $holes = [$isRound ? Hole::round($depth / 2.0, $high / 2.0, $body->bladeCircle) : Hole::rectangle($depth / 2.0, $high / 2.0, $width, $height)];
        [$x, $y] = [min($depth, ($isRound ? $body->side : $width + 2.0 * self::FLANGE)) / 2.0 - self::FLANGE / 2.0, ($isRound ? $body->side : $height + 2.0 * self::FLANGE) / 2.0 - self::FLANGE / 2.0];
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$left, $up]) {
            $holes[] = Hole::round($depth / 2.0 + $left * $x, $high / 2.0 + $up * $y, self::BOLT);
        }

        return Panel::withHoles('tote', 'Tote, wall with the blower', $depth, $high, $holes);
    }

    public function scene(Design $design): Scene
    {
        $this->check($design);
        $filter = $design->filter;
        [$width, $depth] = $this->outside($design);
        $body = $design->fan->body;
        $wall = self::WALL;
        $high = max(self::HEIGHT, $body->side + 0.08);
        $rim = self::LID + $filter->rim;
        $box = fn (string $part, float $xa, float $ya, float $za, float $xb, float $yb, float $zb): Solid => Solid::box($part, 'plastic', new Point($xa, $ya, $za), new Point($xb, $yb, $zb));
        $top = $high + $wall;
        $seat = new Frame(new Point($width, $depth / 2.0, $high / 2.0), new Point(0.0, 1.0, 0.0), new Point(0.0, 0.0, 1.0));

        return new Scene([
            $box('tote', 0.0, 0.0, 0.0, $width, $depth, $wall),
            $box('tote', 0.0, 0.0, $wall, $width, $wall, $high),
            $box('tote', 0.0, $depth - $wall, $wall, $width, $depth, $high),
            $box('tote', 0.0, $wall, $wall, $wall, $depth - $wall, $high),
            $box('tote', $width - $wall, $wall, $wall, $width, $depth - $wall, $high),
            $box('lid', 0.0, 0.0, $high, $width, $rim, $top),
            $box('lid', 0.0, $depth - $rim, $high, $width, $depth, $top),
            $box('lid', 0.0, $rim, $high, $rim, $depth - $rim, $top),
            $box('lid', $width - $rim, $rim, $high, $width, $depth - $rim, $top),
            Solid::box('face-1', 'filter', new Point(self::LID, self::LID, $top), new Point($width - self::LID, $depth - self::LID, $top + $design->stackDepth()), [
                'top' => FilterMarks::on($filter, Frame::top(self::LID, self::LID, $top + $design->stackDepth()), $filter->width, $filter->height),
            ]),
            FanSolid::of($design->fan, $seat, false),
        ], [
            new Arrow('face-1', 'intake', new Point($width * 0.5, $depth * 0.5, $top + 0.4), new Point($width * 0.5, $depth * 0.5, $top + 0.12)),
            new Arrow('fan', 'outlet', new Point($width + $body->depth + 0.02, $depth / 2.0, $high / 2.0), new Point($width + $body->depth + 0.26, $depth / 2.0, $high / 2.0)),
        ], [
            new Anchor('face-1', new Point($width * 0.3, $depth * 0.2, $top + $design->stackDepth())),
            new Anchor('fan', new Point($width + $body->depth * 0.5, $depth / 2.0, $high / 2.0 + $body->side / 2.0)),
            new Anchor('seam', new Point(self::LID, self::LID, $top)),
            new Anchor('tote', new Point($width * 0.3, 0.0, $high * 0.4)),
        ], Extent::box($width + $body->depth, $depth, $top + $design->stackDepth()));
    }

    /** @return array{float, float} m */
    private function outside(Design $design): array
    {
        return [$design->filter->width + 2.0 * self::LID, $design->filter->height + 2.0 * self::LID];
    }

    /**
     * Mouth of the blower, or the collar of an inline fan as a square of its side.
     *
     * @return array{float, float} m
     */
    private function outlet(Design $design): array
    {
        return $design->fan->handling->mouth ?? [$design->fan->body->bladeCircle, $design->fan->body->side];
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if (! $design->filter->isFramed()) {
            throw DoesNotFit::notAFrame($design->filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, self::FAMILIES, $this);
        if (max($design->filter->width, $design->filter->height) > self::LARGEST) {
            throw DoesNotFit::toteTooSmall($design->filter);
        }
        if ($design->fan->body->side > $this->outside($design)[1]) {
            throw DoesNotFit::panelTooNarrow($design->fan, $this->outside($design)[1]);
        }
    }
}
