<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Drawing\Camera;
use Jornel\Core\Guide\Making\Milestone;
use Jornel\Core\Guide\Making\PartUse;
use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Guide\Making\UseKind;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\JoinedEdge;
use Jornel\Core\Scene\Joints;
use Jornel\Core\Scene\Mark;
use Jornel\Core\Scene\Occupied;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\SolidFace;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Shroud;

/** The pictures of a guide: the scene of the unit as far as it is made at each step. */
final class StepPictures
{
    /** Half of what a strip of tape covers, on either side of an edge, and of a bead of glue, m. */
    private const TAPE = 0.024;

    private const BEAD = 0.006;

    /** A hand's width of tape holds a corner until its seam is closed, m. */
    private const TACK = 0.1;

    /** How much more a run of tape counts than the same area of a part, when it is asked from where most is seen. */
    private const RUN = 4.0;

    /** Area of a side below which it is not asked for, m2. */
    private const SMALL = 0.002;

    /** How far before a side it is asked whether something hides it, and how far that is looked for, m. */
    private const OFF = 0.005;

    private const AWAY = 1.2;

    /** How far parts are drawn apart where all are counted. */
    private const APART = 0.9;

    private readonly Scene $scene;

    /** @var list<array{JoinedEdge, int}> each with the number of the step that joins it */
    private readonly array $runs;

    /** @var array<int, Solid> fans as they look before a shroud lies over them, by place in the scene */
    private readonly array $bare;

    /** @throws DoesNotFit */
    private function __construct(private readonly Guide $guide)
    {
        $scene = $guide->design->scene();
        $this->scene = $scene->inSteps(array_map(fn (GuideStep $step): array => $step->step->sets, $guide->steps));
        $this->runs = $this->joined();
        $this->bare = $this->bareFans();
    }

    /** @return array<int, Solid> */
    private function bareFans(): array
    {
        $design = $this->guide->design;
        if (! $design->hasShroud()) {
            return [];
        }
        $fans = $design->made(Corners::Open, $design->joining)->scene()->part('fan')->solids;
        $bare = [];
        foreach ($this->scene->solids as $place => $solid) {
            $fan = $solid->part === 'fan' ? array_shift($fans) : null;
            if ($fan !== null) {
                $bare[$place] = $fan->movedBy((new Scene([$solid]))->reach()[0]->minus((new Scene([$fan]))->reach()[0]))->atStep($solid->step);
            }
        }

        return $bare;
    }

    /** @throws DoesNotFit */
    public static function of(Guide $guide): self
    {
        return new self($guide);
    }

    public function at(GuideStep $step): StepPicture
    {
        $makes = $step->step;
        if ($makes->isCutting && $makes->sets === []) {
            return new StepPicture(null, [], $this->cuts($makes));
        }
        if (in_array(Milestone::KitCounted, $makes->reaches, true)) {
            return new StepPicture($this->scene->apart(self::APART), []);
        }
        $solids = $this->scene->solids;
        $new = array_values(array_filter($solids, fn (Solid $solid): bool => $solid->step === $step->number));
        $used = array_values(array_filter($solids, fn (Solid $solid): bool => self::isUsed($solid->part, $makes)));
        $there = array_values(array_filter($solids, fn (Solid $solid): bool => $solid->step > 0 && $solid->step <= $step->number));
        $inHand = array_values(array_filter($used, fn (Solid $solid): bool => $solid->step === 0 || $solid->step > $step->number));
        if (in_array(Milestone::Fitted, $makes->reaches, true)) {
            $there = array_values(array_filter($solids, fn (Solid $solid): bool => in_array($solid, $there, true) || in_array($solid, $inHand, true)));
        } elseif ($new === [] && $inHand !== []) {
            // On the bench, away from the rest.
            $there = $used;
        }
        if ($there === []) {
            // Nothing is made yet and nothing is taken into the hand: the whole, to know what it will be.
            $there = $solids;
        }
        $lit = array_values(array_unique(array_map(fn (Solid $solid): string => $solid->part, $new === [] ? $inHand : $new)));
        $isRunning = $makes->reachesAnyOf([Milestone::FirstRun, Milestone::TissueTested, Milestone::Patched, Milestone::Blowing, Milestone::Labelled]);
        $scene = new Scene($this->taped($there, $step->number), $isRunning ? $this->scene->withStreams()->arrows : $this->arrows($makes, $there));

        return new StepPicture($scene, $lit, [], ...self::seenFrom($scene, $lit));
    }

    /**
     * From where what is new is seen best: as usual, unless another side shows a third more.
     *
     * @param  list<string>  $lit
     * @return array{int, bool} degrees that the viewer walks round to the right, and whether they look from below
     */
    private static function seenFrom(Scene $scene, array $lit): array
    {
        // What there is to be seen: middle, outward direction and how much it counts, m2.
        $shown = [];
        foreach ($scene->solids as $solid) {
            foreach ($solid->faces() as $face) {
                $out = $face->normal()->unit();
                $area = in_array($solid->part, $lit, true) ? self::area($face->corners) : 0.0;
                if ($area > self::SMALL) {
                    $shown[] = [$face->middle(), $out, $area];
                }
                foreach ($face->marks() as $mark) {
                    if (str_ends_with($mark->kind, '-new')) {
                        $shown[] = [(new SolidFace($mark->points))->middle(), $out, self::RUN * self::area($mark->points)];
                    }
                }
            }
        }
        $occupied = new Occupied($scene->solids);
        [$best, $most] = [[0, false], null];
        foreach ([[0, false], [90, false], [-90, false], [180, false], [0, true], [180, true]] as [$turn, $isBelow]) {
            $towards = Camera::turned((float) $turn, $isBelow)->towardsViewer;
            $seen = 0.0;
            foreach ($shown as [$middle, $out, $area]) {
                $share = $out->dot($towards);
                if ($share > 0.05 && $occupied->isFree($middle->plus($out->scaled(self::OFF)), $towards, self::AWAY)) {
                    $seen += $share * $area;
                }
            }
            if ($most === null || $seen > 1.3 * $most + 1e-9) {
                [$best, $most] = [[$turn, $isBelow], $seen];
            }
        }

        return $best;
    }

    /** @param  list<Point>  $corners */
    private static function area(array $corners): float
    {
        if (count($corners) < 3) {
            return 0.0;
        }
        $normal = (new SolidFace($corners))->normal();

        return sqrt($normal->dot($normal)) / 2.0;
    }

    /**
     * Which way the air shall go: where filters are turned to it or the fan is.
     *
     * @param  list<Solid>  $there
     * @return list<Arrow>
     */
    private function arrows(Step $step, array $there): array
    {
        if (! $step->reachesAnyOf([Milestone::ArrowsChecked, Milestone::FanMarked, Milestone::FanSet, Milestone::Standing, Milestone::Stiffened, Milestone::FirstCorner, Milestone::SecondCorner])) {
            return [];
        }
        $parts = array_map(fn (Solid $solid): string => $solid->part, $there);

        return array_values(array_filter($this->scene->arrows, fn (Arrow $arrow): bool => in_array($arrow->part, $parts, true) && $arrow->kind !== 'bypass'));
    }

    /**
     * @param  list<Solid>  $there
     * @return list<Solid>
     */
    private function taped(array $there, int $number): array
    {
        $isGlue = $this->guide->design->joining->skill === 'gluing';
        [$half, $kind] = $isGlue ? [self::BEAD, 'bead'] : [self::TAPE, 'tape'];
        $marks = [];
        foreach ($this->runs as [$edge, $step]) {
            if ($step > $number) {
                continue;
            }
            foreach ($edge->sides as [$solid, $face, $over]) {
                $corners = $this->scene->solids[$solid]->faces()[$face];
                $strip = Joints::clip(
                    [$edge->from, $edge->to, $edge->to->plus($over->scaled($half)), $edge->from->plus($over->scaled($half))],
                    $corners->corners,
                    $corners->normal()->unit(),
                );
                if (count($strip) >= 3) {
                    $marks[$solid][$face][] = new Mark($step === $number ? "{$kind}-new" : $kind, $strip, true);
                }
            }
        }
        $isCovered = array_filter($there, fn (Solid $solid): bool => $solid->part === Shroud::PART) !== [];
        $taped = [];
        foreach ($this->scene->solids as $place => $solid) {
            if (in_array($solid, $there, true)) {
                $taped[] = ($isCovered ? $solid : $this->bare[$place] ?? $solid)->marked($marks[$place] ?? []);
            }
        }

        return $taped;
    }

    /**
     * Which step joins which edges: one that sets parts, those of its parts; one that sets none, all that are left open. A
     * joining that leaves nothing behind, as a weight, has no runs.
     *
     * @return list<array{JoinedEdge, int}>
     */
    private function joined(): array
    {
        if ($this->guide->design->joining->material === null) {
            return [];
        }
        $open = Joints::of($this->scene);
        $set = [];
        foreach ($this->scene->solids as $solid) {
            $set[$solid->part] = $solid->step;
        }
        $runs = [];
        foreach ($this->guide->steps as $step) {
            if ($step->step->seams === 0) {
                $corners = self::isTacking($step->step) ? array_filter($open, fn (JoinedEdge $edge): bool => $edge->isUpright() && array_filter($edge->parts, fn (string $part): bool => str_starts_with($part, 'face-')) !== []) : [];
                foreach ($corners as $edge) {
                    $are = array_map(fn (string $part): int => $set[$part] ?? 0, $edge->parts);
                    if (min($are) > 0 && max($are) <= $step->number) {
                        array_push($runs, ...array_map(fn (JoinedEdge $tack): array => [$tack, $step->number], $edge->ends(self::TACK)));
                    }
                }

                continue;
            }
            $candidates = array_filter($open, function (JoinedEdge $edge) use ($set, $step): bool {
                [$one, $other] = [$set[$edge->parts[0]] ?? 0, $set[$edge->parts[1]] ?? 0];
                $isNew = $step->step->sets === [] || max($one, $other) === $step->number;

                return $one > 0 && $other > 0 && max($one, $other) <= $step->number && $isNew;
            });
            if ($step->step->seams === 1 && $step->step->sets !== [] && $candidates !== []) {
                // One corner only: that with what was set last.
                $latest = max(array_map(fn (JoinedEdge $edge): int => min($set[$edge->parts[0]], $set[$edge->parts[1]]), $candidates));
                $candidates = array_filter($candidates, fn (JoinedEdge $edge): bool => min($set[$edge->parts[0]], $set[$edge->parts[1]]) === $latest);
            }
            foreach ($candidates as $number => $edge) {
                $runs[] = [$edge, $step->number];
                unset($open[$number]);
            }
        }

        return $runs;
    }

    /** Whether it makes parts stand with a little of what their seams are closed with later. */
    private static function isTacking(Step $step): bool
    {
        return $step->reachesAnyOf([Milestone::Standing]) && array_filter($step->uses, fn (PartUse $use): bool => $use->kind === UseKind::Joining) !== [];
    }

    /** @return list<array{string, Panel}> */
    private function cuts(Step $step): array
    {
        $assembly = $this->guide->design->assemble();
        $labels = [];
        foreach (CutList::of($this->guide->design, $assembly) as $part) {
            $labels[$part->id][] = $part->label;
        }
        $met = $cuts = [];
        foreach ([...$assembly->panels, ...$assembly->cutOuts] as $panel) {
            $key = CutList::alike($panel);
            if (! isset($met[$key]) && array_filter($step->uses, fn (PartUse $use): bool => $use->kind === UseKind::Cut && $use->id === $panel->id) !== []) {
                $met[$key] = true;
                $cuts[] = [array_shift($labels[$panel->id]) ?? '', $panel];
            }
        }

        return $cuts;
    }

    private static function isUsed(string $part, Step $step): bool
    {
        $base = (string) preg_replace('/-\d+$/', '', $part);
        foreach ($step->uses as $use) {
            $isPart = match ($use->kind) {
                UseKind::Fan => $base === 'fan',
                UseKind::Filter => $base === 'face' && ($use->count !== 1 || count($step->sets) === 0 || in_array($part, $step->sets, true)),
                UseKind::Prefilter => $base === 'prefilter',
                UseKind::Cut => $part === $use->id || $base === $use->id,
                UseKind::Material, UseKind::Joining => false,
            };
            if ($isPart) {
                return true;
            }
        }

        return false;
    }
}
