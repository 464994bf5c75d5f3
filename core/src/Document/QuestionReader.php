<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Finder\Limit;
use Jornel\Core\Finder\Limits;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Part\Record;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Room\Target\UnknownTarget;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Sound\Seat;

/** Reads what is asked of the finder. */
final readonly class QuestionReader
{
    private Catalogue $catalogue;

    public function __construct(private Record $document, private DataFiles $data)
    {
        $this->catalogue = $data->catalogue();
    }

    public function question(): SearchProblem
    {
        $record = $this->document->child('room');
        $room = RoomReader::of($this->document, $this->data)->room($record);
        $range = $this->document->childOr('range');

        return new SearchProblem(
            $room,
            $this->goal($room),
            $this->parts($range),
            $this->limits(),
            $this->range($range, $room->pollutant()),
            AirReader::read($this->document->childOr('air')),
            EconomyReader::read($this->document->childOr('economy')),
            SeatReader::of($record, $room) ?? Seat::atOneMetre(),
            StockReader::read($this->document, $this->catalogue),
            $this->data->tolerances(),
            $this->document->optional('sure', 0.0)->si ?? SearchProblem::SURE,
            PlacementReader::together(PlacementReader::all($this->document, $this->data, AirReader::read($this->document->childOr('air')))),
        );
    }

    private function goal(Space $room): Target
    {
        $goal = $this->data->targets()->get($this->document->text('goal'));
        if ($goal->asks($room) === null) {
            throw UnknownTarget::saysNothing($goal->name());
        }

        return $goal;
    }

    private function limits(): Limits
    {
        $limits = Limits::none();
        $record = $this->document->childOr('limits');
        if ($record === null) {
            return $limits;
        }
        foreach (Limit::cases() as $limit) {
            $most = $limit->isCounted() ? $record->optional($limit->value, -1e-12)?->si : null;
            $limits = match (true) {
                $most !== null => $limits->atMost($limit, $most),
                $limit === Limit::Tools && isset($record->data()['tools']) => $limits->withTools($record->texts('tools')),
                $limit === Limit::Skills && isset($record->data()['skills']) => $limits->withSkills($record->texts('skills')),
                $limit === Limit::Stock && $record->flagOr('from_stock', false) => $limits->fromStock(),
                default => $limits,
            };
        }

        return $limits;
    }

    private function range(?Record $range, Pollutant $pollutant): Range
    {
        [$leastGrade, $trials] = [$pollutant->leastGrade, $this->document->flagOr('trials', false)];
        if ($range === null) {
            return Range::usual($leastGrade, $pollutant->isAtSource, $trials);
        }
        [$shapes, $tooLocal] = $this->shapes($range, $pollutant);
        $least = $range->optional('least_grade', 0.0)?->si;

        return new Range(
            $shapes,
            (int) ($range->optional('units', 0.0)->si ?? Range::MOST_UNITS),
            match (true) {
                $range->flagOr('coarser', false) => null,
                $least !== null => (int) $least,
                default => $leastGrade,
            },
            $range->flagOr('prefilters', false),
            UnitReader::window($range),
            $trials,
            $tooLocal,
        );
    }

    /** @return array{array<string, Shape>, array<string, Shape>} shapes that are tried, and those that do not reach the pollutant; shapes that are named are tried in any case */
    private function shapes(Record $range, Pollutant $pollutant): array
    {
        if (! isset($range->data()['shapes'])) {
            return Range::reaching($range->flagOr('windows', false) ? Shapes::all() : Range::usual()->shapes, $pollutant->isAtSource);
        }
        $shapes = [];
        foreach ($range->texts('shapes') as $number => $id) {
            $shapes[$id] = Shapes::get($id, $range->path("shapes.{$number}"));
        }

        return [$shapes, []];
    }

    /** The catalogue with those of its fans, filters and joinings that are named, or all. */
    private function parts(?Record $range): Catalogue
    {
        $named = function (string $key, PartKind $kind) use ($range): array {
            $all = $this->catalogue->all($kind);
            if ($range === null || ! isset($range->data()[$key])) {
                return array_map(strval(...), array_keys($all));
            }
            foreach ($range->texts($key) as $number => $id) {
                isset($all[$id]) || throw UnknownPart::named($range->path("{$key}.{$number}"), $kind, $id, array_map(strval(...), array_keys($all)));
            }

            return $range->texts($key);
        };
        if ($range === null) {
            return $this->catalogue;
        }

        return $this->catalogue->only($named('fans', PartKind::Fan), $named('filters', PartKind::Filter), $named('joinings', PartKind::Joining));
    }
}
