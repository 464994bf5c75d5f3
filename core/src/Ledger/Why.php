<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Airflow\ExplanationKey;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Sound;

/** Why each figure of a ledger is what it is, step by step, in the order in which one asks on. */
final readonly class Why
{
    private function __construct(private Ledger $ledger, private UnitLedger $unit, private SpeedLine $line, private ShoppingList $shopping, private RunningCost $cost)
    {
    }

    /** @return array<string, list<WhyLine>> by figure of the ledger; empty before anything is built */
    public static function of(Ledger $ledger): array
    {
        return $ledger->unit === null || $ledger->shopping === null || $ledger->cost === null
            ? []
            : (new self($ledger, $ledger->unit, $ledger->unit->line(), $ledger->shopping, $ledger->cost))->all();
    }

    /** @return array<string, list<WhyLine>> */
    private function all(): array
    {
        $pollutant = $this->ledger->room->pollutant;
        $rows = Explanation::of($this->line->performance, $this->unit->unit, [$pollutant]);
        $of = fn (ExplanationKey ...$keys): array => array_map(WhyLine::explained(...), array_values(array_filter($rows, fn (Explanation $row): bool => in_array($row->key, $keys, true))));
        $balance = $of(ExplanationKey::Pressure, ExplanationKey::FanFlow);
        $bypass = $of(ExplanationKey::Bypass, ExplanationKey::Leak);
        $faces = $of(ExplanationKey::FaceVelocity, ExplanationKey::Drop, ExplanationKey::Efficiency);
        $clean = $of(ExplanationKey::CleanAirOfBin, ExplanationKey::CleanAir);

        return [
            'cleanAir' => [$this->ofAllUnits(), ...array_reverse($clean), ...$faces],
            'band' => [$this->band()],
            'airChanges' => [$this->airChanges()],
            'minutes90' => $this->minutes(0.90, $this->line->seconds90),
            'minutes99' => $this->minutes(0.99, $this->line->seconds99),
            'level' => [$this->level()],
            ...($this->line->seatLevel === null ? [] : ['seatLevel' => $this->atSeat($this->line->seatLevel)]),
            'watts' => [new WhyLine('Power of all units', 'n P', Sentence::of('%s × %s = %s', $this->unit->units, [Display::Power, $this->line->performance->watts], [Display::Power, $this->line->watts]), '', 'of the fans at this speed')],
            'filterFlow' => [...$balance, ...$of(ExplanationKey::FaceVelocity)],
            'bypassFlow' => $bypass,
            'pressure' => $balance,
            'first' => $this->bought(),
            'total' => [$this->total()],
            'asks' => [$this->asks()],
        ];
    }

    private function ofAllUnits(): WhyLine
    {
        $pollutant = $this->ledger->room->pollutant;

        return new WhyLine(
            'Clean air of all units', 'n sum over bins of w e',
            Sentence::of('%s × %s for %s = %s', $this->unit->units, [Display::Flow, $this->line->performance->clean($pollutant)], lcfirst($pollutant->name), [Display::Flow, $this->line->clean]),
            $this->unit->design->provenance()->value, "weights of the size bins: {$pollutant->source}",
        );
    }

    private function band(): WhyLine
    {
        $band = $this->unit->band();

        return new WhyLine(
            'Nine times in ten', 'the unit worked out again with figures drawn from what is known of each',
            Sentence::of('from %s to %s', [Display::Flow, $band->low], [Display::Flow, $band->high]),
            $this->unit->design->provenance()->value, 'lognormal about each figure; wider for typical and assumed ones than for rated and measured (assumed)',
        );
    }

    private function airChanges(): WhyLine
    {
        return new WhyLine(
            'Air changes', 'n = 3600 Q / V',
            Sentence::of('%s an hour over %s = %s', [Display::Flow, $this->line->clean], [Display::Volume, $this->ledger->room->volume()], [Display::AirChanges, $this->line->airChanges]),
            $this->unit->design->provenance()->value, 'definition; the room’s volume is its length × width × height',
        );
    }

    /** @return non-empty-list<WhyLine> */
    private function minutes(float $share, float $seconds): array
    {
        $room = $this->ledger->room;
        $rates = RoomAir::of($room, $this->line->performance->cleanAir->scaled($this->unit->units))->losses;
        $settling = $room->deposition();

        return [
            new WhyLine(
                'Time to remove', 'sum over bins of w exp(-K t) = 1 - share',
                Sentence::of('%s left of all after %s', [Display::Share, 1.0 - $share], [Display::Minutes, $seconds]),
                'assumed', 'well-mixed room, each size bin by itself; as in CDC (2003) appendix B',
            ),
            new WhyLine(
                'Rate of each bin', 'K = outdoor air + settling + clean air / V',
                Sentence::of('%s', sprintf('%.3g, %.3g and %.3g an hour, of which settling %.2g, %.2g and %.2g', 3600.0 * $rates->e1, 3600.0 * $rates->e2, 3600.0 * $rates->e3, $settling->e1, $settling->e2, $settling->e3)),
                'assumed', 'settling of the finest: PTEAM, 1996 (from memory); the others and the leakiness assumed',
            ),
        ];
    }

    private function level(): WhyLine
    {
        return new WhyLine(
            'Level of all units at 1 m', 'L + 10 log10(n)',
            Sentence::of('%s and %s alike: %s', [Display::Level, $this->line->performance->level], $this->unit->units, [Display::Level, $this->line->level]),
            $this->unit->design->fan->provenance->value, 'levels add by energy; of the fan at this speed',
        );
    }

    /** @return list<WhyLine> */
    private function atSeat(float $level): array
    {
        $plan = $this->ledger->room->plan;

        return [new WhyLine(
            'Level at the loudest seat', 'Lw + 10 log10(q / (4 pi r²) + 4 / R), added over the units',
            Sentence::of(
                'nearest seat %s from the first unit, %s of floor, ceiling and walls: %s',
                [Display::RoomLength, $plan->nearestSeat() ?? 0.0], [Display::Area, $plan->surface()], [Display::Level, $level],
            ),
            'assumed', sprintf('units on the floor (q = %g), %g %% of the sound absorbed by the surfaces (assumed)', Sound::ON_FLOOR, 100.0 * Sound::ABSORPTION),
        ), $this->level()];
    }

    /** @return list<WhyLine> */
    private function bought(): array
    {
        return array_map(fn (ShoppingLine $line): WhyLine => new WhyLine(
            $line->name, 'the cheapest whole packs',
            Sentence::of('%s', sprintf('%d needed%s: %s', $line->needed, $line->fromStock === 0 ? '' : ", {$line->fromStock} from stock", $line->packs->price)),
            '', $line->note === '' ? 'prices on the part' : $line->note,
        ), $this->shopping->lines);
    }

    private function total(): WhyLine
    {
        $economy = $this->cost->economy;

        return new WhyLine(
            'Cost over the years', 'first + changes × filters + energy × tariff',
            Sentence::of('%s', sprintf(
                '%s + %d × %s + %.0f kWh × %s = %s',
                $this->cost->first, $economy->changes, $this->cost->change, $this->cost->energy, $economy->tariff, $this->cost->total,
            )),
            '', sprintf('%g years at %g hours a day, as the settings say', $economy->years, $economy->hoursPerDay),
        );
    }

    private function asks(): WhyLine
    {
        return new WhyLine('What the goal asks', lcfirst($this->ledger->goal->name()), Sentence::of('%s', [Display::Flow, $this->ledger->asks]), '', $this->ledger->goal->source());
    }
}
