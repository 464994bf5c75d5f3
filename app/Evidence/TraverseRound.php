<?php

namespace App\Evidence;

use App\Models\Survey;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Traverse\Aperture;
use Jornel\Core\Proof\Traverse\Grid;
use Jornel\Core\Proof\Traverse\Traverse;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Air speeds over an outlet, as far as they were read. */
final readonly class TraverseRound
{
    /** Sides of an outlet, m. */
    private const SIDE = [0.02, 3.0];

    /** Usual accuracy of a cheap vane meter (common practice, no source). */
    private const METER = 0.05;

    /**
     * @param  list<list<float|null>>  $rows  m/s as read; null where nothing was yet
     * @param  Traverse|null  $traverse  once every point was read
     */
    private function __construct(public Aperture $outlet, public Grid $grid, public int $speed, public bool $hasFilters, public array $rows, public ?Traverse $traverse)
    {
    }

    public static function of(Survey $survey, ProvedUnit $unit): self
    {
        [$outlet, $grid, $across, $up, $meter] = self::setting($survey->setting, $unit->unit->version->measure());
        $holding = $survey->holding();
        $rows = [];
        for ($row = 0; $row < $up; $row++) {
            $rows[] = array_map(fn (int $column): ?float => isset($holding["{$row}-{$column}"]) ? (float) $holding["{$row}-{$column}"]->value : null, range(0, $across - 1));
        }
        $read = array_map(fn (array $row): array => array_values(array_filter($row, fn (?float $one): bool => $one !== null)), $rows);
        $isWhole = array_sum(array_map(count(...), $read)) === $across * $up;

        return new self($outlet, $grid, $unit->speed($survey->told('speed')), $survey->told('filters') !== 'off', $rows, $isWhole ? Traverse::of($outlet, $grid, $read, $meter) : null);
    }

    /**
     * Judges how it is to be made, before anything is read.
     *
     * @param  array<string, mixed>  $setting
     * @return array{Aperture, Grid, int, int, float} with points across and up, and the meter's accuracy
     *
     * @throws \Jornel\Core\Fault\Invalid
     */
    public static function setting(array $setting, System $system): array
    {
        $told = fn (string $key): string => is_string($setting[$key] ?? null) ? $setting[$key] : '';
        $side = fn (string $key): float => (new Entry("setting.{$key}", 'A side of the outlet', $system === System::Imperial ? UnitOfMeasure::Inch : UnitOfMeasure::Millimetre, Display::PartLength, self::SIDE[0], self::SIDE[1], $system))->read($told($key));
        $isRound = $told('outlet') === 'round';
        $outlet = $isRound ? Aperture::round($side('width')) : Aperture::rectangle($side('width'), $side('height'));
        $grid = Grid::tryFrom($told('grid')) ?? ($isRound ? Grid::LogLinear : Grid::LogTchebycheff);
        $counts = $grid->counts($isRound);
        if ($counts === []) {
            throw InvalidSurvey::of('setting.grid', 'Log-linear points are for round outlets. Choose another grid.');
        }
        $count = fn (string $key, array $allowed, int $usual): int => in_array((int) $told($key), $allowed, true) ? (int) $told($key) : $usual;
        $across = $count('across', $counts, $isRound ? 6 : (in_array(5, $counts, true) ? 5 : $counts[0]));
        $up = $isRound ? $count('up', [1, 2, 3], 2) : $count('up', $counts, $across);
        $meter = is_numeric($told('meter_percent')) ? max(0.0, min(1.0, (float) $told('meter_percent') / 100.0)) : self::METER;

        return [$outlet, $grid, $across, $up, $meter];
    }

    /** @return list<Evidence> */
    public function evidence(): array
    {
        return $this->traverse === null || $this->traverse->flow() <= 0.0 ? [] : [
            Evidence::measured($this->hasFilters ? EvidenceKind::Traverse : EvidenceKind::FreeTraverse, $this->speed, $this->traverse->flowInterval()),
        ];
    }
}
