<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\Bin;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Airflow\Box;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Airflow\Provenances;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Efficiency;
use Jornel\Core\Part\FanCurve;
use Jornel\Core\Part\FanRating;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Grade;
use Jornel\Core\Part\HinderedCurve;
use Jornel\Core\Part\Layer;
use Jornel\Core\Part\Loading;
use Jornel\Core\Part\ParallelCurve;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Part\Record;
use Jornel\Core\Part\SeriesCurve;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Shape\FilterFace;
use Jornel\Core\Shape\LeakKind;
use Jornel\Core\Sound\Sound;

/** Reads a unit given bare: its fans, its faces with their layers, its leaks; no shape. */
final readonly class BareUnit
{
    /** @param  array<string, Grade>  $grades by id */
    private function __construct(private Record $record, private array $grades)
    {
    }

    /**
     * @param  array<string, Grade>  $grades  by id
     *
     * @throws BadRecord
     */
    public static function read(Record $record, array $grades, Air $air): Unit
    {
        return (new self($record, $grades))->unit(AirReader::ofUnit($record, $air));
    }

    private function unit(Air $air): Unit
    {
        $leak = $this->record->optional('leak_area', -1e-12);
        $pushing = $this->record->textOr('direction', 'pull') === 'push' ? $this->record->optional('pushing_factor', 0.0)->si ?? 1.0 : 1.0;
        [$curves, $ratings, $watts, $level] = $this->fans();
        $drop = $this->dropProvenance();
        $weakest = fn (Provenance ...$all): Provenance => array_reduce($all, fn (Provenance $from, Provenance $other): Provenance => $from->weaker($other), Provenance::Measured);

        return new Unit(
            Box::of($this->faces(), [new Leak(LeakKind::Other, 'Leaks', $leak->si ?? 0.0)], $air),
            $this->speeds($curves, array_sum(array_map(fn (FanRating $rating): float => $rating->curve->freeFlow(), $ratings)), $watts, $level),
            $pushing * ($this->record->optional('throttle', 0.0)->si ?? 1.0),
            null,
            new Provenances(
                $weakest(...array_map(fn (FanRating $rating): Provenance => $rating->flowFrom, $ratings)),
                $weakest(...array_map(fn (FanRating $rating): Provenance => $rating->pressureFrom, $ratings)),
                $drop, $drop, $leak->provenance ?? Provenance::Assumed, $leak->provenance ?? Provenance::Assumed,
            ),
            array_values(array_unique(array_merge(...array_map(fn (FanRating $rating): array => $rating->notes, $ratings)))),
        );
    }

    /**
     * Curves behind their guards, one for each fan.
     *
     * @return array{non-empty-list<FanCurve>, non-empty-list<FanRating>, float, float} with watts and level of all together
     */
    private function fans(): array
    {
        $curves = $ratings = $levels = [];
        $watts = 0.0;
        foreach ($this->record->records('fans') as $fan) {
            $rating = FanRating::read($fan);
            $loss = $fan->optional('guard_loss', -1e-12)->si ?? 0.0;
            $stages = (int) ($fan->optional('stages', 0.0)->si ?? 1.0);
            $curve = $loss > 0.0 ? new HinderedCurve($rating->curve, $loss) : $rating->curve;
            $curve = $stages > 1 ? new SeriesCurve(array_fill(0, $stages, $curve)) : $curve;
            for ($number = 0, $count = self::count($fan); $number < $count; $number++) {
                $curves[] = $curve;
                $ratings[] = $rating;
                for ($stage = 0; $stage < $stages; $stage++) {
                    $watts += $fan->optional('power', -1e-12)->si ?? NAN;
                    $levels[] = $fan->optional('level')->si ?? NAN;
                }
            }
        }
        if ($curves === [] || $levels === [] || $ratings === []) {
            throw BadRecord::missing($this->record->path('fans'));
        }

        return [$curves, $ratings, $watts, Sound::together($levels)];
    }

    /**
     * @param  non-empty-list<FanCurve>  $curves
     * @return non-empty-list<FanSpeed>
     */
    private function speeds(array $curves, float $bareFlow, float $watts, float $level): array
    {
        $top = new FanSpeed('1', count($curves) === 1 ? $curves[0] : new ParallelCurve($curves), $watts, $level, $bareFlow);
        if (! isset($this->record->data()['speeds'])) {
            return [$top];
        }
        $speeds = array_map(
            fn (Record $speed): FanSpeed => $top->atRatio($speed->text('name'), $speed->number('ratio', 0.0)->si)->withOwn($speed->optional('power', 0.0)?->si, $speed->optional('level', 0.0)?->si),
            $this->record->records('speeds'),
        );

        return $speeds === [] ? throw BadRecord::missing($this->record->path('speeds')) : $speeds;
    }

    /** @return non-empty-list<FilterFace> */
    private function faces(): array
    {
        $faces = [];
        foreach ($this->record->records('faces') as $group => $face) {
            $layers = array_map($this->layer(...), $face->records('layers'));
            for ($number = 1, $count = self::count($face); $number <= $count; $number++) {
                $faces[] = FilterFace::stacked("face-{$group}-{$number}", "group {$group}", $layers === [] ? throw BadRecord::missing($face->path('layers')) : $layers);
            }
        }

        return $faces === [] ? throw BadRecord::missing($this->record->path('faces')) : $faces;
    }

    private function layer(Record $record): Layer
    {
        $rim = $record->optional('rim', -1e-12)->si ?? Filter::RIM;
        $net = $record->optional('net_area', 0.0)?->si;
        if ($net === null) {
            [$width, $height] = [$record->figure('width', 0.0)->si - 2.0 * $rim, $record->figure('height', 0.0)->si - 2.0 * $rim];
            $net = min($width, $height) > 0.0 ? $width * $height : throw BadRecord::tooSmall($record->path('rim'), min($width, $height), 0.0);
        }
        $points = array_map(fn (Record $point): array => [$point->figure('velocity', 0.0)->si, $point->figure('pressure', 0.0)->si], $record->records('drop'));
        $capacity = $record->optional('capacity', 0.0)?->si;
        $layer = new Layer(
            $net,
            PressureLaw::fromPoints($points === [] ? throw BadRecord::missing($record->path('drop')) : $points),
            $this->efficiency($record),
            $record->optional('rated_velocity', 0.0)->si ?? Efficiency::RATING_VELOCITY,
            $capacity === null ? null : new Loading($capacity, $record->optional('growth', 1.0)->si ?? Loading::GROWTH),
        );
        $dust = $record->optional('dust', -1e-12)->si ?? 0.0;
        if ($dust > 0.0 && $capacity === null) {
            throw BadRecord::missing($record->path('capacity'));
        }
        $share = $capacity === null ? 0.0 : $dust / $capacity;

        return $record->flagOr('charge_loss', false) ? $layer->loaded($share)->discharged($share) : $layer->loaded($share);
    }

    private function efficiency(Record $record): Efficiency
    {
        $corrects = $record->flagOr('velocity_correction', true);
        if (isset($record->data()['grade'])) {
            $id = $record->text('grade');
            $efficiency = ($this->grades[$id] ?? throw BadRecord::unknownGrade($record->path('grade'), $id))->efficiency();
        } else {
            $given = $record->child('efficiency');
            $efficiency = Efficiency::rated(PerBin::each(fn (Bin $bin): float => self::share($given, $bin->value)));
        }

        return $corrects ? $efficiency : $efficiency->withoutCorrection();
    }

    private function dropProvenance(): Provenance
    {
        $from = Provenance::Measured;
        foreach ($this->record->records('faces') as $face) {
            foreach ($face->records('layers') as $layer) {
                foreach ($layer->records('drop') as $point) {
                    $from = $from->weaker($point->figure('pressure', 0.0)->provenance);
                }
            }
        }

        return $from;
    }

    private static function share(Record $record, string $bin): float
    {
        $share = $record->number($bin, -1e-12)->si;

        return $share <= 1.0 ? $share : throw BadRecord::notAShare($record->path($bin), $share);
    }

    private static function count(Record $record): int
    {
        return (int) ($record->optional('count', 0.0)->si ?? 1.0);
    }
}
