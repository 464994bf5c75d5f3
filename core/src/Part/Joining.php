<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A way of joining frames, with the gap it leaves. */
final readonly class Joining
{
    /**
     * @param  string  $with  its name within a sentence: close the seam with ...
     * @param  float  $residualGap  mean open width along a seam, m (assumed)
     * @param  float  $minutesPerSeam  minutes of work for one seam
     * @param  string  $emission  note on fumes while making and after
     * @param  string  $change  how filters are changed
     * @param  list<string>  $tools  that it takes
     * @param  string  $skill  `taping`, `gluing`, `sawing`, `none`
     * @param  string|null  $material  id of the sheet, tape or hardware it uses up along the seams
     * @param  list<string>|null  $holds  shapes that it can hold together; null for any
     * @param  array<string, mixed>  $data
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $with,
        public float $residualGap,
        public float $minutesPerSeam,
        public string $emission,
        public string $change,
        public array $tools,
        public string $skill,
        public ?string $material,
        private ?array $holds,
        public Provenance $provenance,
        public array $data,
    ) {
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  string  $path  of the entry in a larger whole, for a fault
     *
     * @throws BadRecord
     */
    public static function fromData(array $data, string $path = ''): self
    {
        $record = new Record($data, $path);
        $gap = $record->figure('residual_gap', 0.0);
        $material = $data['material'] ?? null;

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->textOr('with', $record->text('name')),
            $gap->si,
            $record->number('minutes_per_seam', -1e-9)->si,
            $record->text('emission'),
            $record->text('change'),
            isset($data['tools']) ? $record->texts('tools') : [],
            isset($data['skill']) ? $record->text('skill') : 'taping',
            is_string($material) ? $material : null,
            isset($data['holds']) ? $record->texts('holds') : null,
            $gap->provenance,
            $data,
        );
    }

    /** Whether it can hold a shape together: suction holds a panel, not a box. */
    public function holds(string $shape): bool
    {
        return $this->holds === null || in_array($shape, $this->holds, true);
    }
}
