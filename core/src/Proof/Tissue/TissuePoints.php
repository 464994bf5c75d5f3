<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Quantity\Texts;
use Jornel\Core\Scene\JoinedEdge;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\LeakKind;
use Jornel\Core\Shape\Opening;
use Jornel\Core\Shape\Seam;

/** Every point of a design that the tissue is held to: seams, corners, the fan's rim and corners, openings and faces. */
final class TissuePoints
{
    private const FAN = 'fan';

    /** Points round a ring that the fan does not cover, and at the corners of a fan. */
    private const ROUND = 4;

    /** How much larger than made an opening is that was left open, such as a cord's slot without its tape (assumed). */
    private const LEFT_OPEN = 3.0;

    private readonly Scene $scene;

    private readonly Assembly $assembly;

    private function __construct(private readonly Design $design, private readonly TissueModel $model)
    {
        $this->scene = $design->scene();
        $this->assembly = $design->assemble();
    }

    /**
     * @return non-empty-list<TissuePoint> in the order in which they are gone round
     *
     * @throws DoesNotFit
     */
    public static function of(Design $design, TissueModel $model): array
    {
        $points = new self($design, $model);

        return [...$points->faces(), ...$points->seams(), ...$points->openings()];
    }

    /** @return non-empty-list<TissuePoint> */
    private function faces(): array
    {
        return array_map(fn ($face, int $number): TissuePoint => new TissuePoint(
            $face->id, PointKind::Face, self::name('face', number: $number + 1), null, 0.0, 0.0, 0.0, $this->middleOf($face->id),
        ), $this->assembly->faces, array_keys($this->assembly->faces));
    }

    /** @return list<TissuePoint> of the seams, and of the corners where they meet */
    private function seams(): array
    {
        $places = new SeamPlaces($this->scene);
        $edges = $places->ofSeams($this->assembly->seams);
        $points = [];
        foreach ($this->assembly->seams as $number => $seam) {
            $at = $places->along($edges[$number] ?? [], $seam->count);
            for ($one = 0; $one < $seam->count; $one++) {
                $points[] = new TissuePoint(
                    'seam-'.($number + 1).'-'.($one + 1), $this->kindOf($edges[$number] ?? []),
                    $seam->count === 1 ? $seam->name : self::name('of-several', name: $seam->name, number: $one + 1, count: $seam->count),
                    LeakKind::Seam, $seam->length / $seam->count, $this->gap($seam), max($this->model->missedGap, 2.0 * $this->gap($seam)), $at[$one] ?? null,
                );
            }
        }
        foreach ($places->corners($edges) as $number => $at) {
            $gap = $this->design->joining->residualGap;
            $points[] = new TissuePoint('corner-'.($number + 1), PointKind::Corner, self::name('corner', number: $number + 1), LeakKind::Seam, $this->model->cornerLength, $gap, max($this->model->missedGap, 2.0 * $gap), $at);
        }

        return $points;
    }

    /** @return list<TissuePoint> */
    private function openings(): array
    {
        $points = [];
        foreach ($this->assembly->openings as $number => $opening) {
            $isAtFan = in_array($opening->kind, [LeakKind::Recirculation, LeakKind::CornerWindows, LeakKind::UncoveredRing], true);
            $at = $isAtFan ? $this->fanCorners() : [];
            $count = $isAtFan ? max(self::ROUND, count($at)) : 1;
            for ($one = 0; $one < $count; $one++) {
                $points[] = new TissuePoint(
                    'opening-'.($number + 1).($count === 1 ? '' : '-'.($one + 1)), $isAtFan ? PointKind::FanCorner : PointKind::Opening,
                    $count === 1 ? $opening->name : self::name($opening->kind === LeakKind::UncoveredRing ? 'of-several' : 'fan-corner', name: $opening->name, number: $one + 1, count: $count),
                    $opening->kind, 0.0, $opening->area / $count, $this->leftOpen($opening) / $count, $at[$one] ?? null,
                );
            }
        }

        return $points;
    }

    private function gap(Seam $seam): float
    {
        return $seam->gap ?? $this->design->joining->residualGap;
    }

    /** @return float m2 that an opening has where what should close it was forgotten */
    private function leftOpen(Opening $opening): float
    {
        $open = $opening->kind === LeakKind::Recirculation ? $this->design->shape->fanCount($this->design) * $this->design->fan->recirculation->open : 0.0;

        return max(self::LEFT_OPEN * $opening->area, $open);
    }

    /** @param  list<JoinedEdge>  $edges */
    private function kindOf(array $edges): PointKind
    {
        $parts = array_merge([], ...array_map(fn (JoinedEdge $edge): array => $edge->parts, $edges));
        $panels = array_map(fn ($panel): string => $panel->id, $this->assembly->panels);

        return match (true) {
            array_filter($parts, fn (string $part): bool => self::isFan($part)) !== [] => PointKind::FanRim,
            array_intersect($parts, $panels) !== [] => PointKind::PanelEdge,
            default => PointKind::Seam,
        };
    }

    private static function isFan(string $part): bool
    {
        return preg_replace('/-\d+$/', '', $part) === self::FAN;
    }

    private function middleOf(string $part): ?Point
    {
        $alone = $this->scene->part($part);
        if ($alone->solids === []) {
            return null;
        }
        [$low, $high] = $alone->reach();

        return $low->towards($high, 0.5);
    }

    /**
     * Corners of the fans' blowing side, a little inside their housings.
     *
     * @return list<Point>
     */
    private function fanCorners(): array
    {
        $corners = [];
        foreach (array_unique(array_map(fn ($solid): string => $solid->part, $this->scene->solids)) as $part) {
            if (! self::isFan($part)) {
                continue;
            }
            [$low, $high] = $this->scene->part($part)->reach();
            // The shaft lies along the shortest side of the housing; the unit's middle is behind it.
            $size = $high->minus($low);
            [$from, $to] = [$low->towards($high, 0.1), $low->towards($high, 0.9)];
            $corners = [...$corners, ...match (true) {
                $size->z <= $size->x && $size->z <= $size->y => [new Point($from->x, $from->y, $high->z), new Point($to->x, $from->y, $high->z), new Point($to->x, $to->y, $high->z), new Point($from->x, $to->y, $high->z)],
                $size->y <= $size->x => [new Point($from->x, $low->y, $from->z), new Point($to->x, $low->y, $from->z), new Point($to->x, $low->y, $to->z), new Point($from->x, $low->y, $to->z)],
                default => [new Point($high->x, $from->y, $from->z), new Point($high->x, $to->y, $from->z), new Point($high->x, $to->y, $to->z), new Point($high->x, $from->y, $to->z)],
            }];
        }

        return $corners;
    }

    private static function name(string $key, string|int ...$gaps): string
    {
        return Texts::of('tissue')->tell($key, ...$gaps);
    }
}
