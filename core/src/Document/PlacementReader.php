<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\RatedOutput;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Part\Record;
use Jornel\Core\Room\Purifiers;

/** Reads what stands in a room: units of one design at one speed, and purifiers that were bought. */
final readonly class PlacementReader
{
    /**
     * @param  UnitReader|null  $read  null for what was bought
     * @param  Performance|null  $performance  at the speed it runs at; null for what was bought
     * @param  UncertainOutput  $output  of one
     */
    private function __construct(
        public int $count,
        public ?UnitReader $read,
        public ?Performance $performance,
        public ?BoughtPurifier $bought,
        public UncertainOutput $output,
    ) {
    }

    /**
     * @return list<self>
     *
     * @throws BadRecord
     */
    public static function all(Record $document, DataFiles $data, Air $air): array
    {
        $placements = [];
        foreach (isset($document->data()['placements']) ? $document->records('placements') : [] as $record) {
            $placements[] = self::one($record, $data, $air);
        }

        return $placements;
    }

    /** @param  list<self>  $placements */
    public static function together(array $placements): Purifiers
    {
        return array_reduce($placements, fn (Purifiers $all, self $one): Purifiers => $all->and($one->output, $one->count, $one->level(), $one->watts()), Purifiers::none());
    }

    /** In words. */
    public function name(): string
    {
        return $this->bought->name ?? $this->read?->design?->shape->name() ?? 'Unit';
    }

    /** @return float of one at 1 m, dBA; not a number where it is not known */
    public function level(): float
    {
        return $this->performance->level ?? $this->bought->level ?? NAN;
    }

    /** @return float of one, W; nothing where it is not known */
    public function watts(): float
    {
        $watts = $this->performance->watts ?? $this->bought->watts ?? 0.0;

        return is_nan($watts) ? 0.0 : $watts;
    }

    /** Of all of them; null where nothing is known of what they are made of. */
    public function cost(DataFiles $data, Economy $economy): ?RunningCost
    {
        if ($this->bought !== null) {
            return RunningCost::ofBought($this->bought, $this->count, $economy);
        }
        $design = $this->read?->design;

        if ($design === null || $this->performance === null) {
            return null;
        }
        $runs = $design->running($this->performance->speed->name);

        return RunningCost::of(
            ShoppingList::for($runs, $runs->assemble(), $this->count, $data->catalogue()), $this->count * $this->watts(), $economy,
            FilterLife::inSmoke()->changes($this->performance->cleanAir, $design, $economy),
        );
    }

    private static function one(Record $record, DataFiles $data, Air $air): self
    {
        $count = (int) ($record->optional('count', 0.0)->si ?? 1.0);
        if (isset($record->data()['bought'])) {
            $bought = BoughtPurifier::fromRecord($record->child('bought'));

            return new self($count, null, null, $bought, RatedOutput::of($bought, $data->tolerances()));
        }
        $read = UnitReader::read($record->child('unit'), $data, $air);
        $number = self::speed($record, $read);

        return new self($count * $read->count, $read, $read->unit->performances()[$number], null, self::output($read, $number, $data->tolerances()));
    }

    /** The speed that is named, or the fastest. */
    private static function speed(Record $record, UnitReader $read): int
    {
        $names = array_map(fn ($speed): string => $speed->name, $read->unit->speeds);
        if (! isset($record->data()['speed'])) {
            return count($names) - 1;
        }
        $found = array_search($record->text('speed'), $names, true);

        return is_int($found) ? $found : throw BadRecord::unknownName($record->path('speed'), $record->text('speed'), $names);
    }

    private static function output(UnitReader $read, int $speed, Tolerances $tolerances): UncertainOutput
    {
        return Propagation::through($read->unit, $speed, $tolerances)->output();
    }
}
