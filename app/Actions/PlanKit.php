<?php

namespace App\Actions;

use App\Models\CutPlan as CutPlanRecord;
use App\Models\Offcut;
use App\Models\Part;
use App\Models\Programme;
use App\Models\ProgrammePart;
use App\Models\Version;
use Illuminate\Support\Facades\Date;
use Jornel\Core\CutFile\Heading;
use Jornel\Core\Kit\CutPlanEntry;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Kit\SizeCheck;
use Jornel\Core\Kit\Substitute;
use Jornel\Core\Nest\Pinned;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\EditableFigures;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Quantity\Money;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\DesignEntry;

/** What a version takes, cut by the sizes that were measured of its parts since. */
final readonly class PlanKit
{
    public function __construct(private Evaluate $evaluate)
    {
    }

    public function order(Version $version): KitOrder
    {
        $entry = DesignEntry::read($version->choices, $this->catalogue($version));

        return new KitOrder($entry->design->shape->needsWindow() ? $entry->design->inWindow($this->written($version)->window ?? $this->evaluate->window($version)) : $entry->design, $entry->units);
    }

    /** As somebody laid it out, or as usual. */
    public function written(Version $version): CutPlanEntry
    {
        $kept = CutPlanRecord::query()->find($version->build_id);

        return $kept === null ? CutPlanEntry::usual() : CutPlanEntry::read($kept->written, System::Metric);
    }

    public function revision(Version $version): int
    {
        return (int) CutPlanRecord::query()->whereKey($version->build_id)->value('revision');
    }

    /** What one more unit would add to the bill. */
    public function oneMore(Version $version, CutPlanEntry $entry, Kit $kit): Money
    {
        $order = $kit->orders[0];
        $more = $this->of($version, new KitOrder($order->design, $order->units + 1), $entry, [])->list->firstCost()->hundredths;

        return Money::ofHundredths(max(0, $more - $kit->list->firstCost()->hundredths));
    }

    /** @return list<Substitute> filters of the programme's catalogue in place of the chosen one */
    public function substitutes(Version $version, Kit $kit): array
    {
        return Substitute::all($kit->orders[0], Part::catalogue($version->build->room->site->programme));
    }

    public function kit(Version $version, ?CutPlanEntry $entry = null): Kit
    {
        $entry ??= $this->written($version);

        return $this->of($version, $this->order($version), $entry, $entry->pinned);
    }

    /** @param  list<Pinned>  $pinned */
    private function of(Version $version, KitOrder $order, CutPlanEntry $entry, array $pinned): Kit
    {
        $programme = $version->build->room->site->programme;

        return Kit::of(
            [$order], $this->catalogue($version),
            [...($entry->fromCartons ? Kit::cartons([$order], $entry->withFlaps, $entry->printed) : []), ...$entry->sheets, ...$this->offcuts($programme)],
            null, $entry->kerf, $entry->margin, null, $pinned,
        );
    }

    public function heading(Version $version, KitOrder $order): Heading
    {
        $room = $version->build->room;

        return new Heading("{$room->site->programme->name}: {$room->name}, {$version->build->name}, version {$version->number}", Date::now()->format('j F Y'), self::isMeasured($order, $this->written($version)));
    }

    /** Whether every size was measured that something is cut by, the window of a filler board among them. */
    public static function isMeasured(KitOrder $order, CutPlanEntry $entry): bool
    {
        return SizeCheck::areMeasured(SizeCheck::all($order->design)) && (! $order->design->shape->needsWindow() || $entry->window !== null);
    }

    /** The parts that a version names, its own copies with the sizes that were measured since laid over them. */
    public function catalogue(Version $version): Catalogue
    {
        $programme = $version->build->room->site->programme;
        $entries = [];
        foreach ($version->parts as $entry) {
            $kind = PartKind::from($entry['kind']);
            $sizes = $this->measured($programme, $kind, (string) $entry['data']['id']);
            $entries[] = ['kind' => $entry['kind'], 'data' => $sizes === [] ? $entry['data'] : Overlay::of($entry['data'], $sizes)];
        }

        return $this->evaluate->catalogue($version->choices, $programme, null)->overlaidBy(Catalogue::fromEntries($entries));
    }

    /**
     * Sizes that were measured of a part in a programme.
     *
     * @return array<string, mixed>
     */
    private function measured(Programme $programme, PartKind $kind, string $code): array
    {
        /** @var ProgrammePart|null $own */
        $own = $programme->parts->first(fn (ProgrammePart $part): bool => $part->kind === $kind && $part->code === $code);
        if ($own === null) {
            return [];
        }
        $sizes = [];
        foreach (EditableFigures::of($kind) as $figure) {
            if (SizeCheck::isSize($kind, $figure->path) && $figure->of($own->figures + ['from' => 'assumed'])?->provenance === Provenance::Measured) {
                $sizes = array_replace_recursive($sizes, self::only($own->figures, explode('.', $figure->path)));
            }
        }

        return $sizes;
    }

    /**
     * What lies at a path of an entry, whichever unit its last key names.
     *
     * @param  array<string, mixed>  $entry
     * @param  non-empty-list<string>  $steps
     * @return array<string, mixed>
     */
    private static function only(array $entry, array $steps): array
    {
        $step = array_shift($steps);
        if ($steps !== []) {
            $below = is_array($entry[$step] ?? null) ? $entry[$step] : [];
            /** @var array<string, mixed> $below */

            return [$step => self::only($below, $steps)];
        }

        return array_filter($entry, fn (string $key): bool => $key === $step || preg_match('/^'.preg_quote($step, '/').'_(m|mm|cm|in|ft)$/', $key) === 1, ARRAY_FILTER_USE_KEY);
    }

    /** @return list<StockSheet> */
    public function offcuts(Programme $programme): array
    {
        $offcuts = [];
        foreach (Offcut::query()->where('programme_id', $programme->id)->orderBy('id')->limit(60)->get() as $offcut) {
            $offcuts[] = new StockSheet("offcut-{$offcut->id}", (float) $offcut->width_m, (float) $offcut->height_m, 1, material: $offcut->material);
        }

        return $offcuts;
    }
}
