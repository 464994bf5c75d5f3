<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Nest\Grain;
use Jornel\Core\Nest\Pinned;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\WindowOpening;

/** How parts are to be laid out, as a person wrote it: the width of a cut, margins, sheets at hand, parts laid down by hand. */
final readonly class CutPlanEntry
{
    public const MOST_SHEETS = 20;

    public const MOST_PINNED = 200;

    private const MOST_ALIKE = 50;

    /** To the edge of a sheet where nothing else is told, m (assumed: a knife wanders and edges are bruised). */
    private const MARGIN = 0.005;

    /**
     * @param  WindowOpening|null  $window  as somebody measured it; null where nobody did
     * @param  array<string, mixed>  $written  as it is kept, every length with its unit
     */
    private function __construct(public CutTerms $terms, public ?WindowOpening $window, public array $written)
    {
    }

    /** Where nothing was written yet. */
    public static function usual(): self
    {
        return new self(new CutTerms(margin: self::MARGIN), null, ['kerf' => '3 mm', 'margin' => '5 mm', 'cartons' => true, 'flaps' => true, 'printed' => 0, 'sheets' => [], 'pinned' => []]);
    }

    /**
     * @param  array<string, mixed>  $fields  `kerf` and `margin`, `cartons`, `flaps` and `printed`; `sheets` with `name`, `width`, `height`,
     *                                         `count` and `grain`; `pinned` with `label`, `sheet`, `number`, `x_mm`, `y_mm` and `turn`;
     *                                         `window` with `width` and `height`, and who measured it when
     *
     * @throws InvalidEntries with every field that is at fault
     */
    public static function read(array $fields, System $system): self
    {
        $faults = new Faults;
        $written = ['cartons' => ($fields['cartons'] ?? true) === true, 'flaps' => ($fields['flaps'] ?? true) === true, 'printed' => is_int($fields['printed'] ?? null) ? max(0, min(2, $fields['printed'])) : 0, 'sheets' => [], 'pinned' => []];
        $length = function (string $field, string $what, mixed $text, float $least, float $most) use ($faults, $system): array {
            $text = is_string($text) ? $text : '';
            $bare = $system === System::Imperial ? UnitOfMeasure::Inch : UnitOfMeasure::Millimetre;
            $si = $faults->take(fn (): float => (new Entry($field, $what, $bare, Display::PartLength, $least, $most, $system))->read($text));

            return [$si ?? 0.0, Entry::withUnit($text, $bare)];
        };
        [$kerf, $written['kerf']] = $length('kerf', 'A cut', $fields['kerf'] ?? '', 0.0, 0.02);
        [$margin, $written['margin']] = $length('margin', 'A margin', $fields['margin'] ?? '', 0.0, 0.1);
        $sheets = [];
        foreach (is_array($fields['sheets'] ?? null) ? array_values($fields['sheets']) : [] as $number => $row) {
            $row = is_array($row) ? $row : [];
            $name = is_string($row['name'] ?? null) ? trim($row['name']) : '';
            [$width, $told] = $length("sheets.{$number}.width", 'A sheet', $row['width'] ?? '', 0.02, 3.5);
            [$height, $alsoTold] = $length("sheets.{$number}.height", 'A sheet', $row['height'] ?? '', 0.02, 3.5);
            $count = is_int($row['count'] ?? null) ? $row['count'] : 0;
            $faults->take(fn (): bool => $count >= 1 && $count <= self::MOST_ALIKE ?: throw InvalidCutPlan::count($number, self::MOST_ALIKE));
            $grain = Grain::tryFrom(is_string($row['grain'] ?? null) ? $row['grain'] : '') ?? Grain::None;
            $sheets[] = new StockSheet('own-'.($number + 1), max($width, 1e-3), max($height, 1e-3), max(1, $count), $grain, [], Panel::CARTON);
            $written['sheets'][] = ['name' => $name, 'width' => $told, 'height' => $alsoTold, 'count' => $count, 'grain' => $grain->value];
        }
        $pinned = [];
        foreach (is_array($fields['pinned'] ?? null) ? array_values($fields['pinned']) : [] as $row) {
            if (! is_array($row) || ! is_string($row['label'] ?? null) || ! is_string($row['sheet'] ?? null)) {
                continue;
            }
            $number = fn (string $key): float => is_int($row[$key] ?? null) || is_float($row[$key] ?? null) ? (float) $row[$key] : 0.0;
            $turn = (((int) round($number('turn') / 90.0)) * 90 % 360 + 360) % 360;
            $pinned[] = new Pinned($row['label'], $row['sheet'], max(1, (int) $number('number')), $number('x_mm') / 1000.0, $number('y_mm') / 1000.0, $turn);
            $written['pinned'][] = ['label' => $row['label'], 'sheet' => $row['sheet'], 'number' => max(1, (int) $number('number')), 'x_mm' => $number('x_mm'), 'y_mm' => $number('y_mm'), 'turn' => $turn];
        }
        $told = $fields['window'] ?? null;
        $window = null;
        if (is_array($told)) {
            [$width, $across] = $length('window.width', 'A window', $told['width'] ?? '', 0.1, 3.0);
            [$height, $up] = $length('window.height', 'A window', $told['height'] ?? '', 0.1, 3.0);
            $written['window'] = ['width' => $across, 'height' => $up] + array_filter(['by' => $told['by'] ?? '', 'at' => $told['at'] ?? ''], is_string(...));
            $window = $faults->any() ? null : WindowOpening::of($width, $height);
        }
        if ($faults->any()) {
            throw $faults->thrown();
        }

        return new self(new CutTerms($kerf, $margin, $written['cartons'], $written['flaps'], $written['printed'], $sheets, pinned: $pinned), $window, $written);
    }
}
