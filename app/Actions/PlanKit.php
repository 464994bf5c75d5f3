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
use Jornel\Core\Kit\CutTerms;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Kit\SizeCheck;
use Jornel\Core\Kit\Substitute;
use Jornel\Core\Nest\PinnedBadly;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\EditableFigures;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\DesignEntry;
use Jornel\Core\Shape\DoesNotFit;

/** What a version takes, cut by the sizes that were measured of its parts since. */
final readonly class PlanKit
{
    public function __construct(private Evaluate $evaluate)
    {
    }

    /** By the sizes measured since, unless they do not go together in it: another build may have measured another part of that name. */
    public function order(Version $version): VersionOrder
    {
        try {
            return $this->made($version, true);
        } catch (DoesNotFit $misfit) {
            $own = $this->made($version, false);

            return new VersionOrder($own->order, $own->catalogue, $misfit);
        }
    }

    /** @throws DoesNotFit */
    private function made(Version $version, bool $isMeasured): VersionOrder
    {
        $catalogue = $this->catalogue($version, $isMeasured);
        $entry = DesignEntry::read($version->choices, $catalogue);
        $design = $entry->design;
        if ($design->shape->needsWindow()) {
            $design = $design->inWindow(($isMeasured ? $this->written($version)->window : null) ?? $this->evaluate->window($version));
        }

        return new VersionOrder(new KitOrder($design, $entry->units), $catalogue);
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

    /** @return list<Substitute> filters of the programme's catalogue in place of the chosen one */
    public function substitutes(Version $version, Kit $kit): array
    {
        return Substitute::all($kit->orders[0], Part::catalogue($version->build->room->site->programme));
    }

    /** What no longer goes where it was laid by hand is laid with the rest, and told. */
    public function kit(Version $version, ?CutPlanEntry $entry = null): Kit
    {
        return $this->laid($version, ($entry ?? $this->written($version))->terms->lenient());
    }

    /**
     * The same for what is laid by hand just now.
     *
     * @throws PinnedBadly
     */
    public function strictly(Version $version, CutPlanEntry $entry): Kit
    {
        return $this->laid($version, $entry->terms);
    }

    private function laid(Version $version, CutTerms $terms): Kit
    {
        $made = $this->order($version);

        return Kit::of([$made->order], $made->catalogue, $terms->with($this->offcuts($version->build->room->site->programme)));
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

    /** The parts that a version names: its own copies, with the sizes that were measured since laid over them or without. */
    private function catalogue(Version $version, bool $isMeasured): Catalogue
    {
        $programme = $version->build->room->site->programme;
        $entries = [];
        foreach ($version->parts as $entry) {
            $kind = PartKind::from($entry['kind']);
            $sizes = $isMeasured ? $this->measured($programme, $kind, (string) $entry['data']['id']) : [];
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
                $sizes = array_replace_recursive($sizes, $figure->alone($own->figures));
            }
        }

        return $sizes;
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
