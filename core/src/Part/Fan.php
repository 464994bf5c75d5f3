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
     * @param  FanRating  $rating  of its top speed
     * @param  float  $openRecirculation  m2 through the housing's corners when they are open
     * @param  float  $shroudedRecirculation  m2 left when a shroud is cut to the blade circle
     * @param  Provenance  $recirculationFrom  where these two came from
     * @param  float  $pushingFactor  share of its flows that is left when it pushes into a box, above 0, at most 1
     * @param  bool  $hasRearGrille  whether a grille closes its intake side
     * @param  float|null  $volts  direct current it is made for; null for mains
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
        public FanRating $rating,
        public float $openRecirculation,
        public float $shroudedRecirculation,
        public Provenance $recirculationFrom,
        public float $pushingFactor,
        public bool $enclosedMotor,
        public bool $hasRearGrille,
        public ?float $volts,
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
     * @param  string  $path  of the entry in a larger whole, for a fault
     *
     * @throws BadRecord
     */
    public static function fromData(array $data, string $path = ''): self
    {
        $record = new Record($data, $path);
        $rating = FanRating::read($record);
        $volts = $record->optional('volts', 0.0)?->si;
        $top = new FanSpeed('', $rating->curve, $record->figure('power', 0.0)->si, $record->figure('level', 0.0)->si);
        $top = $top->behindGuard($record->optional('guard_loss', -1e-12)->si ?? 0.0);
        $speeds = array_map(fn (Record $speed): FanSpeed => $top->atRatio($speed->text('name'), self::ratio($speed, $volts)), $record->records('speeds'));
        $open = $record->figure('recirculation_open', -1e-9);
        $pushing = $record->optional('pushing_factor', 0.0)->si ?? 1.0;

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->text('family'),
            FanBody::fromRecord($record->child('body')),
            $speeds === [] ? throw BadRecord::missing($record->path('speeds')) : $speeds,
            $rating,
            $open->si,
            $record->figure('recirculation_shrouded', -1e-9)->si,
            $open->provenance,
            $pushing <= 1.0 ? $pushing : throw BadRecord::notAShare($record->path('pushing_factor'), $pushing),
            $record->flag('enclosed_motor'),
            str_contains(is_string($data['guard'] ?? null) ? $data['guard'] : '', 'both sides'),
            $volts,
            $record->figure('mass', 0.0)->si,
            $record->optional('carton_width', 0.0)?->si,
            $record->optional('carton_height', 0.0)?->si,
            Pack::list($record->records('packs')),
            $rating->flowFrom,
            $data,
        );
    }

    /** Speed over the top speed: as such, or by the voltage, with which a DC fan's speed goes about. */
    private static function ratio(Record $speed, ?float $volts): float
    {
        $at = $speed->optional('volts', 0.0);

        return $at !== null && $volts !== null ? $at->si / $volts : $speed->number('ratio', 0.0)->si;
    }
}
