<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A fan as it is bought. */
final readonly class Fan
{
    /**
     * @param  string  $family  as the catalogue groups it: `box fan`, `drum fan`, ...
     * @param  non-empty-list<FanSpeed>  $speeds  slowest first
     * @param  float  $openRecirculation  m2 through the housing's corners when they are open
     * @param  float  $shroudedRecirculation  m2 left when a shroud is cut to the blade circle
     * @param  float  $mass  kg
     * @param  float|null  $cartonWidth  of the two large faces of the carton it comes in, m
     * @param  float|null  $cartonHeight  of the same, m
     * @param  list<Pack>  $packs
     * @param  array<string, mixed>  $data  the entry it was read from, kept with every version that used it
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $family,
        public FanBody $body,
        public array $speeds,
        public float $openRecirculation,
        public float $shroudedRecirculation,
        public bool $enclosedMotor,
        public float $mass,
        public ?float $cartonWidth,
        public ?float $cartonHeight,
        public array $packs,
        public Provenance $provenance,
        public array $data,
    ) {
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws BadRecord
     */
    public static function fromData(array $data): self
    {
        $record = new Record($data);
        $top = new FanSpeed(
            '',
            FanCurves::read($record),
            $record->figure('power', 0.0)->si,
            $record->figure('level', 0.0)->si,
        );
        $speeds = array_map(
            fn (Record $speed): FanSpeed => $top->atRatio($speed->text('name'), $speed->number('ratio', 0.0)->si),
            $record->records('speeds'),
        );

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->text('family'),
            FanBody::fromRecord($record->child('body')),
            $speeds === [] ? throw BadRecord::missing('speeds') : $speeds,
            $record->figure('recirculation_open', -1e-9)->si,
            $record->figure('recirculation_shrouded', -1e-9)->si,
            $record->flag('enclosed_motor'),
            $record->figure('mass', 0.0)->si,
            $record->optional('carton_width', 0.0)?->si,
            $record->optional('carton_height', 0.0)?->si,
            Pack::list($record->records('packs')),
            $record->provenance('free_flow'),
            $data,
        );
    }
}
