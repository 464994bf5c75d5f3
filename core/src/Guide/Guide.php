<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Guide\Making\PartUse;
use Jornel\Core\Guide\Making\Precedence;
use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Guide\Making\UseKind;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;

/** How one unit of a design is made: its steps in order, each with the parts that it takes. */
final readonly class Guide
{
    /** @param  non-empty-list<GuideStep>  $steps */
    private function __construct(public Design $design, public array $steps)
    {
    }

    /**
     * @param  string  $before  put before the label of each cut part, where there are several kinds of units
     *
     * @throws DoesNotFit
     */
    public static function of(Design $design, Catalogue $catalogue, string $before = ''): self
    {
        $assembly = $design->assemble();
        $bought = [];
        foreach (ShoppingList::for($design, $assembly, 1, $catalogue)->lines as $line) {
            $bought[$line->part] = GuidePart::bought($line->part, $line->name, $line->needed + ($bought[$line->part]->count ?? 0));
        }
        $cut = [];
        foreach (CutList::of($design, $assembly, 1, $before) as $part) {
            $cut[$part->id][] = $part;
        }
        $ordered = Steps::of($design);
        $direct = Precedence::direct($ordered);
        $steps = [];
        foreach ($ordered as $place => $step) {
            $steps[] = new GuideStep(
                $place + 1, $step,
                self::parts($step, $design, $bought, $cut),
                array_map(fn (int $number): string => $ordered[$number]->id, $direct[$place]),
            );
        }

        return new self($design, $steps);
    }

    /** The step of that name; null where there is none. */
    public function step(string $id): ?GuideStep
    {
        foreach ($this->steps as $step) {
            if ($step->id() === $id) {
                return $step;
            }
        }

        return null;
    }

    /** @return float minutes of work of one person */
    public function work(): float
    {
        return array_sum(array_map(fn (GuideStep $step): float => $step->step->minutes(), $this->steps));
    }

    /** Minutes of work in steps of counting, trying, looking and labelling, as against those in which the hands make something. */
    public function looking(): float
    {
        return array_sum(array_map(fn (GuideStep $step): float => $step->step->isLooking() ? $step->step->minutes() : 0.0, $this->steps));
    }

    /**
     * How long it takes at least, however many hands there are: the longest chain of work and waiting.
     *
     * @return float minutes
     */
    public function shortest(): float
    {
        $ends = [];
        $longest = 0.0;
        foreach ($this->steps as $step) {
            $begins = 0.0;
            foreach ($step->after as $id) {
                $begins = max($begins, $ends[$id]['held']);
            }
            $done = $begins + $step->step->minutes();
            $ends[$step->id()] = ['held' => $done + $step->step->wait];
            $longest = max($longest, $done);
        }

        return $longest;
    }

    /**
     * Each part once, however many of its uses a step names.
     *
     * @param  array<string, GuidePart>  $bought  by id
     * @param  array<string, non-empty-list<CutPart>>  $cut  by id of the panel
     * @return list<GuidePart>
     */
    private static function parts(Step $step, Design $design, array $bought, array $cut): array
    {
        $parts = [];
        foreach ($step->uses as $use) {
            foreach ($use->kind === UseKind::Cut ? self::cutParts($cut[$use->id] ?? []) : self::boughtParts($use, $design, $bought) as $part) {
                $parts[$part->label ?? "bought {$part->part}"] ??= $part;
            }
        }

        return array_values($parts);
    }

    /**
     * @param  list<CutPart>  $parts
     * @return list<GuidePart>
     */
    private static function cutParts(array $parts): array
    {
        return array_map(fn (CutPart $part): GuidePart => GuidePart::cut($part->label, $part->name, $part->count), $parts);
    }

    /**
     * @param  array<string, GuidePart>  $bought  by id
     * @return list<GuidePart> none where it is not bought, as a sheet that comes out of a carton
     */
    private static function boughtParts(PartUse $use, Design $design, array $bought): array
    {
        $id = match ($use->kind) {
            UseKind::Fan => $design->fan->id,
            UseKind::Filter => $design->filter->id,
            UseKind::Prefilter => $design->prefilter?->id,
            UseKind::Joining => $design->joining->material,
            UseKind::Material, UseKind::Cut => $use->id,
        };
        $part = $bought[$id ?? ''] ?? null;

        return $part === null ? [] : [$use->count > 0 ? $part->counting($use->count) : $part];
    }
}
