<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\Pieces;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Material;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Size;

/** The ways of making one family’s corners and seams. They leak and cost the same whatever the media of its filters. */
final class Variants
{
    private ?Variant $ideal = null;

    private ?Work $leastWork = null;

    /** @var array<string, Size> by corners */
    private array $sizes = [];

    /** @var array<string, Design> by corners */
    private array $made = [];

    /** @var non-empty-list<Variant>|null */
    private ?array $all = null;

    /** @var array<int, non-empty-list<array{Variant, int}>> by number of units */
    private array $worth = [];

    public function __construct(private readonly DesignFamily $family, private readonly SearchProblem $problem, private readonly PriceBook $book)
    {
    }

    /**
     * Those of which none makes another needless, with what is bought for them besides fans and filters.
     *
     * @return non-empty-list<array{Variant, int}> hundredths of money
     */
    public function worth(int $units): array
    {
        return $this->worth[$units] ??= $this->withoutNeedless($units);
    }

    /** An imagined way that is in nothing worse than any of them. */
    public function ideal(): Variant
    {
        return $this->ideal ??= $this->best($this->all ??= $this->all());
    }

    /** @param  non-empty-list<Variant>  $several */
    private function best(array $several): Variant
    {
        [$leak, $minutes, $tools, $skills] = [INF, INF, PHP_INT_MAX, PHP_INT_MAX];
        foreach ($several as $one) {
            $leak = min($leak, $one->leakArea);
            $minutes = min($minutes, $one->minutes);
            $tools = min($tools, $one->missingTools);
            $skills = min($skills, $one->missingSkills);
        }

        return new Variant($several[0]->corners, $several[0]->joining, $leak, $minutes, $tools, $skills, $this->size(Corners::Open), $several[0]->assembly, '');
    }

    /** Open corners take the least. */
    public function leastWork(): Work
    {
        return $this->leastWork ??= Work::of($this->made(Corners::Open));
    }

    /** Open corners take the least room. */
    public function leastSize(): Size
    {
        return $this->size(Corners::Open);
    }

    private function size(Corners $corners): Size
    {
        return $this->sizes[$corners->value] ??= Size::of($this->made($corners));
    }

    private function made(Corners $corners): Design
    {
        return $corners === $this->family->design->corners ? $this->family->design : $this->made[$corners->value] ??= $this->family->design->made($corners, $this->family->design->joining);
    }

    /** @return non-empty-list<array{Variant, int}> */
    private function withoutNeedless(int $units): array
    {
        $this->all ??= $this->all();
        $extras = $this->extras($this->all, $units);
        // Only what costs no more makes another needless, so that each is held against those kept before it.
        asort($extras);
        $kept = [];
        foreach ($extras as $number => $extra) {
            $one = $this->all[$number];
            foreach ($kept as [$other, $others]) {
                if ($other->makesNeedless($one, $others, $extra)) {
                    continue 2;
                }
            }
            $kept[] = [$one, $extra];
        }

        return $kept;
    }

    /** @return non-empty-list<Variant> */
    private function all(): array
    {
        $all = [];
        foreach (Range::CORNERS as $corners) {
            $assembly = $this->made($corners)->assemble();
            $work = $corners === Corners::Open ? $this->leastWork() : Work::of($this->made($corners));
            $size = $this->size($corners);
            [$open, $joined] = [$assembly->openArea(), $assembly->joinedLength()];
            foreach ($this->family->joinings as $joining) {
                $done = $work->joinedWith($joining);
                $all[] = new Variant(
                    $corners, $joining, $open + $joined * $joining->residualGap, $done->minutes,
                    count($this->problem->limits->missingTools($done)), count($this->problem->limits->missingSkills($done)),
                    $size, $assembly, "{$corners->value}|{$joining->id}",
                );
            }
        }

        return $all;
    }

    /**
     * @param  non-empty-list<Variant>  $all
     * @return non-empty-array<int, int> hundredths of money
     */
    private function extras(array $all, int $units): array
    {
        $others = [];
        $extras = [];
        foreach ($all as $number => $variant) {
            $corners = $variant->corners->value;
            if (! isset($others[$corners])) {
                $lines = $this->others($variant->assembly, $units);
                $others[$corners] = [$lines, Pieces::joiningLength($variant->assembly, $units), $this->book->kit($lines)];
            }
            [$lines, $length, $cost] = $others[$corners];
            $joining = $this->joining($variant->joining, $length);
            $extras[$number] = match (true) {
                $joining === null => $cost,
                $this->book->isAloneIn($joining[0], $lines) => $cost + $this->book->atLeast(...$joining),
                default => $this->book->kit([$joining, ...$lines]),
            };
        }

        return $extras;
    }

    /** @return array{Material, int}|null */
    private function joining(Joining $joining, float $length): ?array
    {
        if ($joining->material === null || $length <= 0.0) {
            return null;
        }
        $material = $this->problem->catalogue->material($joining->material);

        return [$material, Pieces::ofJoining($material, $length)];
    }

    /** @return list<array{Material, int}> sheets and hardware with their pieces */
    private function others(Assembly $assembly, int $units): array
    {
        $lines = [];
        foreach (Pieces::ofSheets($this->family->design->fan, $assembly, $units, $this->problem->catalogue) as $sheet => $count) {
            $lines[] = [$this->problem->catalogue->material($sheet), $count];
        }
        foreach (Pieces::ofHardware($assembly, $units, $this->problem->catalogue) as $id => $count) {
            $lines[] = [$this->problem->catalogue->material($id), $count];
        }

        return $lines;
    }
}
