<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Air\PerBin;

/** A filter grade: the least efficiency in each bin. Source: ANSI/ASHRAE Standard 52.2-2017, table of MERV parameters. */
final readonly class Grade
{
    /**
     * @param  string  $within  its name within a sentence
     * @param  int|null  $number  8 to 16; null for a HEPA class
     * @param  bool  $hepa  whether it is caught alike at any speed, so that it takes no correction
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $within,
        public ?int $number,
        public PerBin $efficiency,
        public bool $hepa,
    ) {
    }

    /** @param  array{id: string, name: string, within?: string, number?: int|null, efficiency: array{float|int, float|int, float|int}, hepa?: bool}  $row efficiency in per cent */
    public static function fromRow(array $row): self
    {
        return new self($row['id'], $row['name'], $row['within'] ?? $row['name'], $row['number'] ?? null, PerBin::of($row['efficiency'])->scaled(0.01), $row['hepa'] ?? false);
    }

    public function efficiency(): Efficiency
    {
        return $this->efficiencyOf($this->efficiency);
    }

    /** Of a filter of this grade of which other shares were measured. */
    public function efficiencyOf(PerBin $shares): Efficiency
    {
        return $this->hepa ? Efficiency::uncorrected($shares) : Efficiency::rated($shares);
    }
}
