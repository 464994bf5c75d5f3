<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Bin;
use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Airflow\ExplanationKey;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Numeric\Normal;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\SuppliedSpace;
use Jornel\Core\Sound\Sound;

/** Why each figure of a ledger is what it is, step by step, in the order in which one asks on. */
final readonly class Why
{
    private function __construct(private Ledger $ledger, private UnitLedger $unit, private SpeedLine $line, private ShoppingList $shopping, private RunningCost $own, private RunningCost $cost)
    {
    }

    /** @return array<string, list<WhyLine>> by figure of the ledger; empty before anything is built */
    public static function of(Ledger $ledger): array
    {
        return $ledger->unit === null || $ledger->shopping === null || $ledger->own === null || $ledger->cost === null
            ? []
            : (new self($ledger, $ledger->unit, $ledger->unit->line(), $ledger->shopping, $ledger->own, $ledger->cost))->all();
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
            'clean_air' => [$this->ofAll(), ...array_reverse($clean), ...$faces],
            'band' => $this->band(),
            'air_changes' => [$this->airChanges()],
            'minutes90' => $this->minutes(0.90, $this->line->seconds90),
            'minutes99' => $this->minutes(0.99, $this->line->seconds99),
            'level' => [$this->level()],
            ...($this->line->seatLevel === null ? [] : ['seat_level' => $this->atSeat($this->line->seatLevel)]),
            'watts' => [$this->watts()],
            'filter_flow' => [...$balance, ...$of(ExplanationKey::FaceVelocity)],
            'bypass_flow' => $bypass,
            'pressure' => $balance,
            'first' => $this->bought(),
            'total' => $this->total(),
            'asks' => [$this->asks()],
        ];
    }

    private function ofAll(): WhyLine
    {
        $pollutant = $this->ledger->room->pollutant;

        return new WhyLine(
            'Clean air of all', $this->unit->beside === [] ? 'Q = n q, with q = sum over bins of w e' : 'Q = n q + other purifiers, with q = sum over bins of w e',
            $this->sum([Display::Flow, $this->line->performance->clean($pollutant)], array_map(
                fn (Placement $one): array => [$one->count, [Display::Flow, $pollutant->weigh($one->output->told->clean)]], $this->unit->beside,
            ), [Display::Flow, $this->line->clean]),
            $this->unit->design->provenance()->value, "{$pollutant->name}: weights of the size bins from {$pollutant->source}",
        );
    }

    /** @return non-empty-list<WhyLine> */
    private function band(): array
    {
        $band = $this->unit->band();
        $given = $this->line->judgement->given($this->unit->output);
        $parts = $this->line->judgement->deviations($this->unit->output);
        $from = $this->unit->design->provenance()->value;
        $reach = sprintf('exp(%%s%.4f × %.4f)', Normal::quantile(0.95), $given->deviation);
        $chance = $this->unit->asks() > 0.0 && ! is_infinite($this->unit->asks()) && $given->deviation > 0.0 && ! $this->ledger->goal->dependsOnSpectrum() ? [new WhyLine(
            'Chance to reach the goal', 'Phi(ln(median / asked) / sigma), Phi the normal distribution',
            Sentence::of('Phi(ln(%s / %s) / %s) = %s', [Display::FineFlow, $given->median], [Display::FineFlow, $this->unit->asks()], sprintf('%.4f', $given->deviation), [Display::Share, $this->unit->chance]),
            $from, 'the logarithm of the clean air is taken as normal',
        )] : [];

        return [
            new WhyLine('Lower end of the 90 % range', 'median × exp(-1.645 sigma)', Sentence::of('%s × '.sprintf($reach, '-').' = %s', [Display::FineFlow, $given->median], [Display::Flow, $band->low]), $from, '5 % lie below; every figure carried over by itself (Rahman and Xu, 2004, from memory)'),
            new WhyLine('Upper end of the 90 % range', 'median × exp(1.645 sigma)', Sentence::of('%s × '.sprintf($reach, '').' = %s', [Display::FineFlow, $given->median], [Display::Flow, $band->high]), $from, '5 % lie above'),
            ...($parts === [] ? [] : [new WhyLine(
                'Standard deviation sigma', 'root of the sum of squares of what each figure does to the logarithm',
                Sentence::of('sqrt(%s) = %s', implode(' + ', array_map(fn (float $one): string => sprintf('%.4f²', $one), $parts)), sprintf('%.4f', $given->deviation)),
                $from, implode(', ', array_map(fn (string $figure, float $one): string => sprintf('%s: %.3f', $figure, $one), array_keys($parts), $parts)).'; from how sure each figure is (assumed)',
            )]),
            ...$chance,
        ];
    }

    private function airChanges(): WhyLine
    {
        $room = $this->ledger->room;

        return new WhyLine(
            'Air changes', 'n = 3600 Q / V',
            Sentence::of('%s / %s = %s', [Display::FlowPerHour, $this->line->clean + $this->line->output->intake], [Display::Volume, $room->volume()], [Display::AirChanges, $this->line->airChanges]),
            $this->unit->design->provenance()->value,
            implode('; ', array_filter([
                'definition',
                $room->plan->isDrawn ? 'the room’s volume is that of its drawn floor under its ceilings, less what is built in' : 'the room’s volume is its length × width × height',
                $this->line->output->bringsAirIn() ? 'outdoor air that is blown in through filters counts' : '',
            ])),
        );
    }

    /** @return non-empty-list<WhyLine> */
    private function minutes(float $share, float $seconds): array
    {
        $room = SuppliedSpace::of($this->ledger->room, $this->line->output);
        $clean = $this->line->output->clean;
        $rates = RoomAir::of($room, $clean)->losses;
        $settling = $room->deposition();
        $weights = $this->ledger->room->pollutant->weights;
        $hour = fn (float $rate): float => 3600.0 * $rate;
        $air = $room->ventilation();
        $left = RoomAir::of($room, $clean)->left($this->ledger->room->pollutant, $seconds);
        $lines = [];
        foreach (Bin::cases() as $bin) {
            if ($weights->in($bin) <= 0.0) {
                continue;
            }
            $central = $air->recirculatedClean()->in($bin) / $room->volume();
            $lines[] = new WhyLine(
                $bin->rateLabel(), 'K = outdoor air + settling'.($central > 0.0 ? ' + central air' : '').' + m Q / V',
                Sentence::of('%s', sprintf(
                    '%.4g + %.4g%s + %.4g × %.5g = %.4g', $hour($air->outdoor($room->volume()) / $room->volume()), $settling->in($bin), $central > 0.0 ? sprintf(' + %.4g', $hour($central)) : '',
                    $room->mixing(), $hour($clean->in($bin)) / $room->volume(), $hour($rates->in($bin)),
                )),
                'assumed', 'settling of the finest: PTEAM, 1996 (from memory); the others, the leakiness and the mixing m assumed',
            );
        }

        return [
            new WhyLine(
                'Share that is left', $left->letters,
                is_infinite($seconds) ? Sentence::of('some of it never leaves') : Sentence::of('%s = %s, at %s', $left->filled, sprintf('%.4g', 1.0 - $share), [Display::Minutes, $seconds]),
                'assumed', 'each size bin by itself; as in CDC (2003), appendix B; the range is the 90 % range of the clean air with the range of how well the room’s air mixes',
            ),
            ...$lines,
        ];
    }

    private function level(): WhyLine
    {
        $terms = [sprintf('%d × 10^(%.4g / 10)', $this->unit->units, $this->line->performance->level)];
        foreach ($this->unit->beside as $one) {
            if (! is_nan($one->level)) {
                $terms[] = sprintf('%d × 10^(%.4g / 10)', $one->count, $one->level);
            }
        }

        return new WhyLine(
            'Level of all at 1 m', '10 log10(sum of 10^(L / 10))',
            Sentence::of('10 × log10(%s) = %s', implode(' + ', $terms), [Display::Level, $this->line->level]),
            $this->unit->design->fan->provenance->value, 'levels add by energy; of the fan at this speed and pressure',
        );
    }

    /** @return list<WhyLine> */
    private function atSeat(float $level): array
    {
        $plan = $this->ledger->room->plan;

        return [new WhyLine(
            'Level at the loudest seat', 'Lw + 10 log10(q / (4 pi r²) + 4 / R), added over all that stand there',
            Sentence::of(
                'nearest seat %s from the first unit, %s of floor, ceiling and walls: %s',
                [Display::RoomLength, $plan->nearestSeat() ?? 0.0], [Display::Area, $plan->surface()], [Display::Level, $level],
            ),
            'assumed', sprintf('units on the floor (q = %g), %g %% of the sound absorbed by the surfaces (assumed)', Sound::ON_FLOOR, 100.0 * Sound::ABSORPTION),
        ), $this->level()];
    }

    private function watts(): WhyLine
    {
        return new WhyLine(
            'Power of all', $this->unit->beside === [] ? 'n P' : 'n P + other purifiers',
            $this->sum([Display::Power, $this->line->performance->watts], array_map(fn (Placement $one): array => [$one->count, [Display::Power, $one->watts]], $this->unit->beside), [Display::Power, $this->line->watts]),
            '', 'of the fans at this speed and pressure',
        );
    }

    /**
     * So many times what one unit gives, and what stands there besides.
     *
     * @param  array{Display, float}  $one
     * @param  list<array{int, array{Display, float}}>  $beside  number and what one of them gives
     * @param  array{Display, float}  $all
     */
    private function sum(array $one, array $beside, array $all): Sentence
    {
        $figures = [$this->unit->units, $one];
        foreach ($beside as [$count, $each]) {
            array_push($figures, $count, $each);
        }

        return Sentence::of(implode(' + ', array_fill(0, 1 + count($beside), '%s × %s')).' = %s', ...[...$figures, $all]);
    }

    /** @return list<WhyLine> */
    private function bought(): array
    {
        $lines = array_map(fn (ShoppingLine $line): WhyLine => new WhyLine(
            $line->name, 'the cheapest whole packs',
            Sentence::of('%s', implode(', ', array_filter([
                "{$line->needed} needed",
                $line->fromStock === 0 ? '' : "{$line->fromStock} from stock",
                $line->packs->packs === [] ? 'nothing to buy' : implode(' + ', array_map(fn (array $pack): string => "{$pack['times']} × {$pack['pack']->price}", $line->packs->packs))." = {$line->packs->price}",
            ]))),
            '', $line->note === '' ? 'prices on the part' : $line->note,
        ), $this->shopping->lines);

        return [new WhyLine('First cost', 'sum of all lines', Sentence::of('%s', implode(' + ', array_map(fn (ShoppingLine $line): string => (string) $line->packs->price, $this->shopping->lines))." = {$this->own->first}"), '', 'of the units of this build'), ...$lines];
    }

    /** @return non-empty-list<WhyLine> */
    private function total(): array
    {
        $economy = $this->own->economy;
        $lines = [new WhyLine(
            'Cost over the years', 'first + changes × filters + energy × tariff',
            Sentence::of('%s', sprintf('%s + %d × %s + %.2f × %s = %s', $this->own->first, $economy->changes, $this->own->change, $this->own->energy, $economy->tariff, $this->own->total)),
            '', sprintf('energy in kWh; %g years at %g hours a day, as the settings say', $economy->years, $economy->hoursPerDay),
        )];
        if ($this->unit->beside !== []) {
            $others = array_map(fn (Placement $one): string => (string) $one->cost->total, $this->unit->beside);
            array_unshift($lines, new WhyLine('Cost of all over the years', 'units of this build + other purifiers', Sentence::of('%s', implode(' + ', [(string) $this->own->total, ...$others])." = {$this->cost->total}"), '', 'filters of bought purifiers last as long as stated'));
        }

        return $lines;
    }

    private function asks(): WhyLine
    {
        [$goal, $asks] = [$this->ledger->goal, $this->ledger->asks];
        if (is_infinite($asks)) {
            return new WhyLine('Needed clean air', $goal->name(), Sentence::of('no amount of clean air is enough'), '', $goal->source());
        }
        $sum = $goal->sum($this->ledger->room, $asks, $this->line->output->spectrum());

        return new WhyLine('Needed clean air: '.$goal->name(), $sum->letters, $sum->filled, '', $goal->source());
    }
}
