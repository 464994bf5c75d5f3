<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Fault\Faults;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Record;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DesignEntry;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Shape\WindowOpening;

/** Reads a unit of a document: by shape and parts, or bare. */
final readonly class UnitReader
{
    /** @param  Design|null  $design null for a bare unit */
    private function __construct(public Unit $unit, public ?Design $design, public int $count)
    {
    }

    public static function read(Record $record, DataFiles $data, Air $air): self
    {
        $count = (int) ($record->optional('units', 0.0)->si ?? 1.0);
        if (isset($record->data()['bare'])) {
            return new self(BareUnit::read($record->child('bare'), $data->grades(), $air), null, $count);
        }
        $design = self::design($record, $data);

        return new self(Unit::of($design, $design->assemble(), $air), $design, $count);
    }

    private static function design(Record $record, DataFiles $data): Design
    {
        $reader = new PartReader($data->catalogue(), $data->gradeRows());
        $faults = new Faults;
        $shape = $faults->take(fn (): Shape => Shapes::get($record->text('shape'), $record->path('shape')));
        $fan = $faults->take(fn (): Fan => $reader->fan($record));
        $filter = $faults->take(fn (): Filter => $reader->filter($record));
        $prefilter = $faults->take(fn (): ?Filter => isset($record->data()['prefilter']) ? $reader->filter($record, 'prefilter') : null);
        $joining = $faults->take(fn (): Joining => $reader->joining($record));
        $options = $shape === null ? [] : $faults->take(fn (): array => DesignEntry::options($shape, $record->data()['options'] ?? []));
        if ($faults->any() || $shape === null || $fan === null || $filter === null || $joining === null) {
            throw $faults->thrown();
        }
        $load = $record->optional('load_share', -1e-12)->si ?? 0.0;
        $treat = fn (Filter $filter): Filter => $record->flagOr('charge_loss', false)
            ? $filter->treated($record->flagOr('velocity_correction', true), $load)
            : $filter->treated($record->flagOr('velocity_correction', true), 0.0);

        return new Design(
            $shape, $fan, $treat($filter), $joining,
            Corners::from($record->textOr('corners', Corners::Shroud->value)),
            $prefilter === null ? null : $treat($prefilter),
            isset($record->data()['direction']) ? Direction::from($record->text('direction')) : null,
            $options ?? [],
            $record->optional('openings', -1e-12)->si ?? 0.0,
            $load,
            self::window($record),
            self::speed($record, $fan),
        );
    }

    /** The speed that is told; null for the top speed. */
    private static function speed(Record $record, Fan $fan): ?string
    {
        if (! isset($record->data()['speed'])) {
            return null;
        }
        $names = array_map(fn (FanSpeed $speed): string => $speed->name, $fan->speeds);
        $named = $record->text('speed');

        return in_array($named, $names, true) ? $named : throw BadRecord::unknownName($record->path('speed'), $named, $names);
    }

    /** Clear opening of a window that is told; null where none is. */
    public static function window(Record $record): ?WindowOpening
    {
        $window = $record->childOr('window');

        return $window === null ? null : WindowOpening::of($window->figure('width', 0.0)->si, $window->figure('height', 0.0)->si);
    }
}
