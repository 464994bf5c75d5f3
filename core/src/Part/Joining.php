<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A way of joining frames, with the gap it leaves. */
final readonly class Joining
{
    /** Times that tape goes over an outer seam (common practice, no source). */
    private const PASSES = 2.0;

    /**
     * @param  JoiningKind  $kind  how it holds and what it closes
     * @param  string  $with  its name within a sentence: close the seam with ...
     * @param  float  $residualGap  mean open width along a seam, m (assumed)
     * @param  float  $minutesPerSeam  minutes of work for one seam
     * @param  string  $emission  note on fumes while making and after
     * @param  string  $change  how filters are changed
     * @param  list<string>  $tools  that it takes
     * @param  string  $skill  `taping`, `gluing`, `sawing`, `none`
     * @param  string|null  $material  id of the sheet, tape or hardware it uses up along the seams
     * @param  float  $passes  times that a seam is gone over with that material
     * @param  list<Fixing>  $fixings  pieces that hold at places besides
     * @param  bool  $isTrial  whether it is a trial to feel and hear and no build
     * @param  list<string>|null  $holds  shapes that it can hold together; null for any
     * @param  array<string, mixed>  $data
     */
    private function __construct(
        public string $id,
        public string $name,
        public JoiningKind $kind,
        public string $with,
        public float $residualGap,
        public float $minutesPerSeam,
        public string $emission,
        public string $change,
        public array $tools,
        public string $skill,
        public ?string $material,
        public float $passes,
        public array $fixings,
        public bool $isTrial,
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
            $record->choice('kind', JoiningKind::usual(is_string($data['skill'] ?? null) ? $data['skill'] : 'taping', is_string($material))),
            $record->textOr('with', $record->text('name')),
            $gap->si,
            $record->number('minutes_per_seam', -1e-9)->si,
            $record->text('emission'),
            $record->text('change'),
            isset($data['tools']) ? $record->texts('tools') : [],
            isset($data['skill']) ? $record->text('skill') : 'taping',
            is_string($material) ? $material : null,
            isset($data['passes']) ? $record->number('passes', 0.0)->si : self::PASSES,
            isset($data['fixings']) ? array_map(Fixing::read(...), $record->records('fixings')) : [],
            $record->flagOr('trial', false),
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
