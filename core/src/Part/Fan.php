<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A fan as it is bought. */
final readonly class Fan
{
    /**
     * @param  non-empty-list<FanSpeed>  $speeds  slowest first
     * @param  FanRating  $rating  of its top speed
     * @param  float  $pushingFactor  share of its flows that is left when it pushes into a box, above 0, at most 1
     * @param  FanHandling  $handling  how it may be set up and held, and what is stated about it
     * @param  float|null  $volts  direct current it is made for; null for mains
     * @param  float  $mass  kg
     * @param  list<Pack>  $packs
     * @param  array<string, mixed>  $data  the entry it was read from, kept with every version that used it
     */
    private function __construct(
        public string $id,
        public string $name,
        public FanFamily $family,
        public FanBody $body,
        public array $speeds,
        public FanRating $rating,
        public Recirculation $recirculation,
        public float $pushingFactor,
        public Motor $motor,
        public FanHandling $handling,
        public ?float $volts,
        public float $mass,
        public ?Carton $carton,
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
        $body = FanBody::fromRecord($record->child('body'));
        $motor = Motor::read($record);
        $volts = $record->optional('volts', 0.0)?->si;
        $pushing = $record->optional('pushing_factor', 0.0)->si ?? 1.0;

        return new self(
            id: $record->text('id'),
            name: $record->text('name'),
            family: $record->oneOf('family', FanFamily::Box),
            body: $body,
            speeds: self::speeds($record, $rating, $motor, $volts),
            rating: $rating,
            recirculation: Recirculation::read($record),
            pushingFactor: $pushing <= 1.0 ? $pushing : throw BadRecord::notAShare($record->path('pushing_factor'), $pushing),
            motor: $motor,
            handling: FanHandling::read($record),
            volts: $volts,
            mass: $record->figure('mass', 0.0)->si,
            carton: Carton::read($record, $body),
            packs: Pack::list($record->records('packs')),
            provenance: $rating->flowFrom,
            data: $data,
        );
    }

    /**
     * By the fan laws from the top speed, each with its own watts and level where they are told.
     *
     * @return non-empty-list<FanSpeed> slowest first
     */
    private static function speeds(Record $record, FanRating $rating, Motor $motor, ?float $volts): array
    {
        $top = (new FanSpeed('', $rating->curve, $record->figure('power', 0.0)->si, $record->figure('level', 0.0)->si))
            ->behindGuard($record->optional('guard_loss', -1e-12)->si ?? 0.0);
        $speeds = array_map(function (Record $speed) use ($top, $motor, $volts): FanSpeed {
            $ratio = self::ratio($speed, $volts);
            $one = $top->atRatio($speed->text('name'), $ratio, $motor->standing)->withOwn($speed->optional('power', 0.0)?->si, $speed->optional('level', 0.0)?->si)
                ->runAt($volts === null ? null : $ratio * $volts);

            return $motor->holdsFlow ? $one->holdingFlow($top, min(1.0, $ratio)) : $one;
        }, $record->records('speeds'));

        return $speeds === [] ? throw BadRecord::missing($record->path('speeds')) : $speeds;
    }

    /** Whether it is a motor on the mains whose live parts and shaft nothing closes in. */
    public function hasBareMotor(): bool
    {
        return $this->volts === null && ! $this->motor->isEnclosed && ! $this->handling->isListed;
    }

    /** The speed of that name, or the top speed where none is named so. */
    public function speed(?string $name): FanSpeed
    {
        foreach ($this->speeds as $speed) {
            if ($speed->name === $name) {
                return $speed;
            }
        }

        return $this->speeds[count($this->speeds) - 1];
    }

    /** Speed over the top speed: as such, or by the voltage, with which a DC fan's speed goes about. */
    private static function ratio(Record $speed, ?float $volts): float
    {
        $at = $speed->optional('volts', 0.0);

        return $at !== null && $volts !== null ? $at->si / $volts : $speed->number('ratio', 0.0)->si;
    }
}
