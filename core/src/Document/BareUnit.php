<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\BinShares;
use Jornel\Core\Airflow\Box;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Efficiency;
use Jornel\Core\Part\FanCurve;
use Jornel\Core\Part\FanCurves;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Grade;
use Jornel\Core\Part\Layer;
use Jornel\Core\Part\ParallelCurve;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Part\Record;
use Jornel\Core\Room\Sound;
use Jornel\Core\Shape\FilterFace;

/** A unit given bare: its fans, its faces with their layers, its leaks; no shape. */
final readonly class BareUnit
{
    /**
     * @param  non-empty-list<FilterFace>  $faces
     * @param  float  $leakArea  m2
     * @param  non-empty-list<FanSpeed>  $speeds  of all fans together
     * @param  float  $flowFactor  on every flow, by pushing; 1 when pulling
     */
    private function __construct(private array $faces, private float $leakArea, private array $speeds, private float $flowFactor)
    {
    }

    /**
     * @param  array<string, Grade>  $grades  by id
     *
     * @throws BadRecord
     */
    public static function read(Record $record, array $grades): self
    {
        $faces = [];
        foreach ($record->records('faces') as $group => $face) {
            $layers = array_map(fn (Record $layer): Layer => self::layer($layer, $grades), $face->records('layers'));
            for ($number = 1; $number <= self::count($face); $number++) {
                $faces[] = FilterFace::stacked("face-{$group}-{$number}", "group {$group}", $layers === [] ? throw BadRecord::missing($face->path('layers')) : $layers);
            }
        }
        $pushes = ($record->data()['direction'] ?? 'pull') === 'push';

        return new self(
            $faces === [] ? throw BadRecord::missing($record->path('faces')) : $faces,
            $record->optional('leak_area', -1e-12)->si ?? 0.0,
            self::speeds($record),
            $pushes ? $record->number('pushing_factor', 0.0)->si : 1.0,
        );
    }

    /** @return non-empty-list<Performance> */
    public function performances(Air $air): array
    {
        $box = Box::of($this->faces, [new Leak('Leaks', $this->leakArea)], $air);

        return array_map(fn (FanSpeed $speed): Performance => Performance::in($box, $speed, $this->flowFactor), $this->speeds);
    }

    /** @return non-empty-list<FanSpeed> */
    private static function speeds(Record $record): array
    {
        $curves = $levels = [];
        $watts = 0.0;
        foreach ($record->records('fans') as $fan) {
            $curve = FanCurves::read($fan);
            for ($number = 0, $count = self::count($fan); $number < $count; $number++) {
                $curves[] = $curve;
                $watts += $fan->optional('power', -1e-12)->si ?? NAN;
                $levels[] = $fan->optional('level')->si ?? NAN;
            }
        }
        if ($curves === [] || $levels === []) {
            throw BadRecord::missing($record->path('fans'));
        }
        $top = new FanSpeed('1', self::together($curves), $watts, Sound::together($levels));
        if (! isset($record->data()['speeds'])) {
            return [$top];
        }
        $speeds = array_map(
            fn (Record $speed): FanSpeed => $top->atRatio($speed->text('name'), $speed->number('ratio', 0.0)->si),
            $record->records('speeds'),
        );

        return $speeds === [] ? throw BadRecord::missing($record->path('speeds')) : $speeds;
    }

    /** @param  non-empty-list<FanCurve>  $curves */
    private static function together(array $curves): FanCurve
    {
        return count($curves) === 1 ? $curves[0] : new ParallelCurve($curves);
    }

    /** @param  array<string, Grade>  $grades */
    private static function layer(Record $record, array $grades): Layer
    {
        $rim = $record->optional('rim', -1e-12)->si ?? Filter::RIM;
        $net = $record->optional('net_area', 0.0)->si
            ?? ($record->figure('width', 0.0)->si - 2.0 * $rim) * ($record->figure('height', 0.0)->si - 2.0 * $rim);
        $points = array_map(fn (Record $point): array => [$point->figure('velocity', 0.0)->si, $point->figure('pressure', 0.0)->si], $record->records('drop'));

        return new Layer(
            $net > 0.0 ? $net : throw BadRecord::tooSmall($record->path('rim'), $net, 0.0),
            PressureLaw::fromPoints($points === [] ? throw BadRecord::missing($record->path('drop')) : $points),
            self::efficiency($record, $grades),
            $record->optional('rated_velocity', 0.0)->si ?? Efficiency::RATING_VELOCITY,
        );
    }

    /** @param  array<string, Grade>  $grades */
    private static function efficiency(Record $record, array $grades): Efficiency
    {
        $corrects = ($record->data()['velocity_correction'] ?? true) !== false;
        if (isset($record->data()['grade'])) {
            $id = $record->text('grade');
            $grade = $grades[$id] ?? throw BadRecord::unknownGrade($record->path('grade'), $id);

            return $corrects ? $grade->efficiency() : Efficiency::uncorrected($grade->efficiency);
        }
        $given = $record->child('efficiency');
        $rated = new BinShares(...array_map(fn (string $bin): float => self::share($given, $bin), ['e1', 'e2', 'e3']));

        return $corrects ? Efficiency::rated($rated) : Efficiency::uncorrected($rated);
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
