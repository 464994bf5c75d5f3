<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\Pieces;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Material;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Size;

/** The ways of making one family’s corners and seams. They leak and take the same whatever the media of its filters. */
final class Variants
{
    private ?Variant $ideal = null;

    private ?Work $leastWork = null;

    private ?float $leastMinutes = null;

    /** @var array<string, Size> by corners */
    private array $sizes = [];

    /** @var array<string, Design> by corners */
    private array $made = [];

    /** @var non-empty-list<Variant>|null */
    private ?array $all = null;

    /** @var array<int, list<array{Material, int}>> by number of units */
    private array $hardware = [];

    /** @var array<int, list<array{list<array{Material, int}>, array{Material, int}|null}>> by number of units; by place */
    private array $takes = [];

    public function __construct(private readonly DesignFamily $family, private readonly Catalogue $catalogue)
    {
    }

    /** @return non-empty-list<Variant> always in the same order */
    public function all(): array
    {
        return $this->all ??= $this->listed();
    }

    /** An imagined way that is in nothing worse than any of them. */
    public function ideal(): Variant
    {
        return $this->ideal ??= $this->best();
    }

    /** Open corners take the least, whatever the joining. */
    public function leastWork(): Work
    {
        return $this->leastWork ??= Work::of($this->made(Corners::Open));
    }

    /** Of open corners with the quickest joining. */
    public function leastMinutes(): float
    {
        return $this->leastMinutes ??= min(array_map($this->leastWork()->minutesWith(...), $this->family->joinings));
    }

    /** Open corners take the least room. */
    public function leastSize(): Size
    {
        return $this->size(Corners::Open);
    }

    /**
     * What some units take besides fans, filters, sheets and joining: the same whatever their corners.
     *
     * @return list<array{Material, int}> with pieces
     */
    public function hardware(int $units): array
    {
        return $this->hardware[$units] ??= $this->lines(Pieces::ofHardware($this->family->assembly, $units, $this->catalogue));
    }

    /**
     * What some units take besides fans and filters.
     *
     * @return list<array{list<array{Material, int}>, array{Material, int}|null}> sheets and hardware, and the joining, with pieces;
     *                                                                            of each way
     */
    public function takes(int $units): array
    {
        return $this->takes[$units] ??= $this->taken($units);
    }

    /** @return list<array{list<array{Material, int}>, array{Material, int}|null}> */
    private function taken(int $units): array
    {
        $others = [];
        $taken = [];
        foreach ($this->all() as $variant) {
            [$lines, $length] = $others[$variant->corners->value] ??= [
                [...$this->lines(Pieces::ofSheets($this->family->design->fan, $variant->assembly, $units, $this->catalogue)), ...$this->lines(Pieces::ofHardware($variant->assembly, $units, $this->catalogue))],
                Pieces::joiningLength($variant->assembly, $units),
            ];
            $material = $variant->joining->material === null || $length <= 0.0 ? null : $this->catalogue->material($variant->joining->material);
            $taken[] = [$lines, $material === null ? null : [$material, Pieces::ofJoining($material, $length)]];
        }

        return $taken;
    }

    /**
     * @param  array<string, int>  $pieces  by id
     * @return list<array{Material, int}>
     */
    private function lines(array $pieces): array
    {
        return array_map(fn (string|int $id, int $count): array => [$this->catalogue->material((string) $id), $count], array_keys($pieces), array_values($pieces));
    }

    private function best(): Variant
    {
        $first = $this->all()[0];
        $leak = min(array_map(fn (Variant $one): float => $one->leakArea, $this->all()));
        $minutes = min(array_map(fn (Variant $one): float => $one->minutes, $this->all()));

        return new Variant($first->corners, $first->joining, $leak, $first->work, $this->size(Corners::Open), $first->assembly, '', $minutes);
    }

    /** @return non-empty-list<Variant> */
    private function listed(): array
    {
        $all = [];
        foreach (Range::CORNERS as $corners) {
            $assembly = $this->made($corners)->assemble();
            $work = $corners === Corners::Open ? $this->leastWork() : Work::of($this->made($corners));
            $size = $this->size($corners);
            [$open, $joined] = [$assembly->openArea(), $assembly->joinedLength()];
            foreach ($this->family->joinings as $joining) {
                $all[] = new Variant($corners, $joining, $open + $joined * $joining->residualGap, $work->joinedWith($joining), $size, $assembly, "{$corners->value}|{$joining->id}");
            }
        }

        return $all;
    }

    private function size(Corners $corners): Size
    {
        return $this->sizes[$corners->value] ??= Size::of($this->made($corners));
    }

    private function made(Corners $corners): Design
    {
        return $corners === $this->family->design->corners ? $this->family->design : $this->made[$corners->value] ??= $this->family->design->made($corners, $this->family->design->joining);
    }
}
