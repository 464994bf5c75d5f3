<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Cut\CutHole;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Fault\Faults;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Kit\CutTerms;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Nest\Grain;
use Jornel\Core\Nest\Pinned;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Money;

/** Reads what is asked of a kit. */
final readonly class KitReader
{
    private const MILLIMETRE = 0.001;

    private const INCH = 0.0254;

    /** Parts in all: a programme of some hundred units. */
    private const MOST_PARTS = 3000;

    public function __construct(private Record $document, private DataFiles $data)
    {
    }

    /** @return list<KitOrder> */
    public function orders(): array
    {
        $faults = new Faults;
        $orders = [];
        foreach ($this->rows('units') as $row) {
            $orders[] = $faults->take(function () use ($row): KitOrder {
                $unit = $row->child('unit');
                $read = UnitReader::read($unit, $this->data, Air::reference());

                return new KitOrder($read->design ?? throw InvalidKit::bare($unit->path('bare')), self::count($row) * $read->count);
            });
        }
        if ($faults->any()) {
            throw $faults->thrown();
        }

        return array_values(array_filter($orders));
    }

    /**
     * Parts that are told in place of units.
     *
     * @return list<CutPart>
     */
    public function cuts(): array
    {
        $faults = new Faults;
        $parts = $labels = [];
        foreach ($this->rows('cuts') as $row) {
            $parts[] = $faults->take(function () use ($row, &$labels): CutPart {
                $part = $this->cut($row);
                isset($labels[$part->label]) && throw InvalidKit::again($row->path('label'), $part->label);
                $labels[$part->label] = true;

                return $part;
            });
        }
        if ($faults->any()) {
            throw $faults->thrown();
        }

        return self::within(array_values(array_filter($parts)), 'cuts');
    }

    /**
     * @param  list<CutPart>  $parts
     * @return list<CutPart>
     */
    public static function within(array $parts, string $field): array
    {
        return array_sum(array_map(fn (CutPart $part): int => $part->count, $parts)) > self::MOST_PARTS ? throw BadRecord::tooMany($field, self::MOST_PARTS) : $parts;
    }

    /** @param  list<CutPart>  $parts  that are to be cut */
    public function terms(array $parts): CutTerms
    {
        $sheets = $this->sheets();

        return new CutTerms(
            $this->document->optional('kerf', -1e-12)->si ?? Kit::KERF, $this->document->optional('margin', -1e-12)->si ?? 0.0,
            fromCartons: $sheets === null, sheets: $sheets ?? [], bought: $this->bought($parts), pinned: $this->pinned(),
        );
    }

    /** @return list<StockSheet>|null null where nothing is said of sheets */
    private function sheets(): ?array
    {
        if (! isset($this->document->data()['sheets'])) {
            return null;
        }
        $sheets = [];
        foreach ($this->rows('sheets') as $row) {
            $id = $row->text('id');
            $zones = [];
            foreach (['forbidden' => self::MILLIMETRE, 'forbidden_mm' => self::MILLIMETRE, 'forbidden_in' => self::INCH] as $key => $unit) {
                foreach (isset($row->data()[$key]) ? $row->list($key) : [] as $number => $zone) {
                    $zones[] = $this->polygon($zone, $unit, $row->path("{$key}.{$number}"));
                }
            }
            isset($sheets[$id]) && throw InvalidKit::again($row->path('id'), $id);
            $sheets[$id] = new StockSheet($id, $row->figure('width', 0.0)->si, $row->figure('height', 0.0)->si, self::count($row), $row->choice('grain', Grain::None), $zones, $row->textOr('material', ''));
        }

        return array_values($sheets);
    }

    /**
     * @param  list<CutPart>  $parts
     * @return list<StockSheet>|null null where nothing is said of what can be bought
     */
    private function bought(array $parts): ?array
    {
        if (! isset($this->document->data()['bought'])) {
            return null;
        }
        $catalogue = $this->data->catalogue();
        $sheets = [];
        foreach ($this->rows('bought') as $row) {
            $id = $row->text('material');
            $known = $catalogue->materials[$id] ?? null;
            $usual = $known === null ? null : Kit::sheet($known, $parts);
            $price = $row->optional('price', -1e-12)?->si;
            $sheets[] = new StockSheet(
                $id, $row->optional('width', 0.0)->si ?? $usual->width ?? throw InvalidKit::noSize($row->path('material'), $id),
                $row->optional('height', 0.0)->si ?? $usual->height ?? throw InvalidKit::noSize($row->path('material'), $id), null,
                $row->choice('grain', $usual->grain ?? Grain::None), [], $known === null && ! $this->isNamed($id, $parts) ? '' : $id,
                $price === null ? $usual->price ?? 0 : (Money::ofNumber($price) ?? throw BadRecord::notAPrice($row->path('price')))->hundredths,
            );
        }

        return $sheets;
    }

    /** @return list<Pinned> */
    private function pinned(): array
    {
        return array_map(function (Record $row): Pinned {
            $degrees = $row->optional('rotation_deg')->si ?? 0.0;
            if (fmod($degrees, 90.0) !== 0.0) {
                throw InvalidKit::noQuarter($row->path('rotation_deg'));
            }

            return new Pinned(
                sprintf('%s.%d', $row->text('label'), $row->optional('number', 0.0)->si ?? 1.0), $row->text('sheet'), (int) ($row->optional('sheet_number', 0.0)->si ?? 1.0),
                $row->number('x_mm')->si * self::MILLIMETRE, $row->number('y_mm')->si * self::MILLIMETRE, (((int) $degrees) % 360 + 360) % 360,
            );
        }, $this->rows('pinned'));
    }

    private function cut(Record $row): CutPart
    {
        [$told, $unit, $path] = $this->told($row, 'outline');
        $outline = $this->polygon($told, $unit, $path);
        [$told, $unit, $path] = $this->told($row, 'holes');
        $holes = [];
        foreach ($told as $number => $hole) {
            $holes[] = $read = $this->hole($hole, $unit, "{$path}.{$number}");
            $this->isInside($read, $outline) || throw InvalidKit::holeOutside("{$path}.{$number}");
        }
        [$told, $unit, $path] = $this->told($row, 'folds');
        $folds = [];
        foreach ($told as $number => $ends) {
            [$from, $to] = is_array($ends) && count($ends) === 2 ? array_values($ends) : [null, null];
            $folds[] = [$this->corner($from, $unit, "{$path}.{$number}"), $this->corner($to, $unit, "{$path}.{$number}")];
        }

        return CutPart::told(
            $row->text('label'), self::words($row, 'name'), self::count($row), self::words($row, 'material'), $outline, $holes,
            $row->flagOr('may_rotate', true), $row->flagOr('cut_into', false), $folds, $row->optional('tolerance', -1e-12)?->si,
        );
    }

    /**
     * What a key tells in millimetres or in inches, with that unit and its path.
     *
     * @return array{list<mixed>, float, string}
     */
    private function told(Record $row, string $key): array
    {
        $spelled = isset($row->data()["{$key}_in"]) ? "{$key}_in" : "{$key}_mm";

        return [isset($row->data()[$spelled]) ? $row->list($spelled) : [], $spelled === "{$key}_in" ? self::INCH : self::MILLIMETRE, $row->path($spelled)];
    }

    /** Words that may be left empty. */
    private static function words(Record $row, string $key): string
    {
        return ($row->data()[$key] ?? '') === '' ? '' : $row->text($key);
    }

    private function hole(mixed $hole, float $unit, string $path): CutHole
    {
        if (is_array($hole) && ! array_is_list($hole)) {
            /** @var array<string, mixed> $hole */
            $record = new Record($hole + ['from' => 'rated'], $path);

            return CutHole::round(new PlanePoint($record->number('x')->si * $unit, $record->number('y')->si * $unit), $record->number('radius', 0.0)->si * $unit);
        }

        return CutHole::polygon($this->polygon($hole, $unit, $path));
    }

    /** @param  non-empty-list<PlanePoint>  $outline */
    private function isInside(CutHole $hole, array $outline): bool
    {
        $polygon = new Polygon($outline);

        return array_filter($hole->corners(), fn (PlanePoint $at): bool => ! $polygon->contains($at)) === [];
    }

    /** @return non-empty-list<PlanePoint> anticlockwise, m */
    private function polygon(mixed $corners, float $unit, string $path): array
    {
        $points = [];
        foreach (is_array($corners) ? $corners : [] as $corner) {
            $point = $this->corner($corner, $unit, $path);
            $last = end($points);
            if ($last === false || $point->distanceTo($last) > 1e-9) {
                $points[] = $point;
            }
        }
        if (count($points) > 1 && $points[0]->distanceTo($points[count($points) - 1]) < 1e-9) {
            array_pop($points);
        }
        $polygon = new Polygon($points === [] ? throw InvalidKit::noPolygon($path) : $points);
        if (count($points) < 3 || abs($polygon->area()) < 1e-9 || $polygon->crossesItself()) {
            throw InvalidKit::noPolygon($path);
        }

        return $polygon->area() < 0.0 ? array_reverse($points) : $points;
    }

    private function corner(mixed $corner, float $unit, string $path): PlanePoint
    {
        [$x, $y] = is_array($corner) && count($corner) === 2 ? array_values($corner) : [null, null];
        if ((! is_int($x) && ! is_float($x)) || (! is_int($y) && ! is_float($y)) || abs($x) > 1e6 || abs($y) > 1e6) {
            throw BadRecord::notANumber($path);
        }

        return new PlanePoint($x * $unit, $y * $unit);
    }

    /** @param  list<CutPart>  $parts */
    private function isNamed(string $material, array $parts): bool
    {
        return array_filter($parts, fn (CutPart $part): bool => $part->material === $material) !== [];
    }

    private static function count(Record $row): int
    {
        return (int) ($row->optional('count', 0.0)->si ?? 1.0);
    }

    /** @return list<Record> */
    private function rows(string $key): array
    {
        return isset($this->document->data()[$key]) ? $this->document->records($key) : [];
    }
}
