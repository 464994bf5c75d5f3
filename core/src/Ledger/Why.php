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
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
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

        return WhyLine::told(
            'clean-air',
            $this->sum([Display::Flow, $this->line->performance->clean($pollutant)], array_map(
                fn (Placement $one): array => [$one->count, [Display::Flow, $pollutant->weigh($one->output->told->clean)]], $this->unit->beside,
            ), [Display::Flow, $this->line->clean]),
            $this->unit->design->provenance()->value, $this->formula(), pollutant: $pollutant->name, reference: $pollutant->source,
        );
    }

    /** @return non-empty-list<WhyLine> */
    private function band(): array
    {
        $band = $this->unit->band();
        $given = $this->line->judgement->given($this->unit->output);
        $parts = $this->line->judgement->deviations($this->unit->output);
        $from = $this->unit->design->provenance()->value;
        $end = fn (string $sign, float $value): Sentence => Sentence::of(
            '{median} × exp({factor} × {deviation}) = {end}',
            median: [Display::FineFlow, $given->median], factor: sprintf("{$sign}%.4f", Normal::quantile(0.95)), deviation: sprintf('%.4f', $given->deviation), end: [Display::Flow, $value],
        );
        $lines = [WhyLine::told('band.low', $end('-', $band->low), $from), WhyLine::told('band.high', $end('', $band->high), $from)];
        if ($parts !== []) {
            $lines[] = WhyLine::told(
                'deviation',
                Sentence::plain(sprintf('sqrt(%s) = %.4f', implode(' + ', array_map(fn (float $one): string => sprintf('%.4f²', $one), $parts)), $given->deviation)),
                $from, parts: implode(', ', array_map(fn (string $figure, float $one): string => sprintf('%s: %.3f', $figure, $one), array_keys($parts), $parts)),
            );
        }
        if ($this->unit->asks() > 0.0 && ! is_infinite($this->unit->asks()) && $given->deviation > 0.0 && ! $this->ledger->goal->dependsOnSpectrum()) {
            $lines[] = WhyLine::told('chance', Sentence::of(
                'Phi(ln({median} / {asked}) / {deviation}) = {chance}',
                median: [Display::FineFlow, $given->median], asked: [Display::FineFlow, $this->unit->asks()], deviation: sprintf('%.4f', $given->deviation), chance: [Display::Share, $this->unit->chance],
            ), $from);
        }

        return $lines;
    }

    private function airChanges(): WhyLine
    {
        $room = $this->ledger->room;
        $source = $room->plan->isDrawn ? 'source.drawn' : 'source.read';

        return WhyLine::told(
            'air-changes',
            Sentence::of('{flow} / {volume} = {changes}', flow: [Display::FlowPerHour, $this->line->clean + $this->line->output->intake], volume: [Display::Volume, $room->volume()], changes: [Display::AirChanges, $this->line->airChanges]),
            $this->unit->design->provenance()->value, source: $this->line->output->bringsAirIn() ? "{$source}.intake" : $source,
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
        $texts = Texts::of('why');
        $air = $room->ventilation();
        $left = RoomAir::of($room, $clean)->left($this->ledger->room->pollutant, $seconds);
        $lines = [];
        foreach (Bin::cases() as $bin) {
            if ($weights->in($bin) <= 0.0) {
                continue;
            }
            $central = $air->recirculatedClean()->in($bin) / $room->volume();
            $sum = sprintf(
                '%.4g + %.4g%s + %.4g × %.5g = %.4g', $hour($air->outdoor($room->volume()) / $room->volume()), $settling->in($bin), $central > 0.0 ? sprintf(' + %.4g', $hour($central)) : '',
                $room->mixing(), $hour($clean->in($bin)) / $room->volume(), $hour($rates->in($bin)),
            );
            $lines[] = new WhyLine(
                $texts->text("rate.{$bin->value}"), $texts->text($central > 0.0 ? 'rate.formula.central' : 'rate.formula'), Sentence::plain($sum), Provenance::Assumed->value, $texts->text('rate.source'),
            );
        }

        return [
            new WhyLine(
                $texts->text('minutes'), $left->letters,
                is_infinite($seconds) ? $texts->say('minutes.never') : $texts->say('minutes.filled', share: $left->filled, left: sprintf('%.4g', 1.0 - $share), minutes: [Display::Minutes, $seconds]),
                Provenance::Assumed->value, $texts->text('minutes.source'),
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

        return WhyLine::told('level', Sentence::of('10 × log10({terms}) = {level}', terms: implode(' + ', $terms), level: [Display::Level, $this->line->level]), $this->unit->design->fan->provenance->value);
    }

    /** @return list<WhyLine> */
    private function atSeat(float $level): array
    {
        $plan = $this->ledger->room->plan;
        $filled = Texts::of('why')->say('seat.filled', distance: [Display::RoomLength, $plan->nearestSeat() ?? 0.0], surface: [Display::Area, $plan->surface()], level: [Display::Level, $level]);

        return [WhyLine::told('seat', $filled, Provenance::Assumed->value, q: sprintf('%g', Sound::ON_FLOOR), absorbed: sprintf('%g', 100.0 * Sound::ABSORPTION)), $this->level()];
    }

    private function watts(): WhyLine
    {
        return WhyLine::told(
            'power',
            $this->sum([Display::Power, $this->line->performance->watts], array_map(fn (Placement $one): array => [$one->count, [Display::Power, $one->watts]], $this->unit->beside), [Display::Power, $this->line->watts]),
            formula: $this->formula(),
        );
    }

    /** Ending of the formula's key, with other purifiers beside the build's units or without. */
    private function formula(): string
    {
        return $this->unit->beside === [] ? 'formula' : 'formula.beside';
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
        $terms = $gaps = [];
        foreach ([[$this->unit->units, $one], ...$beside] as $number => [$count, $each]) {
            $terms[] = "{count{$number}} × {each{$number}}";
            $gaps["count{$number}"] = $count;
            $gaps["each{$number}"] = $each;
        }

        return Sentence::of(implode(' + ', $terms).' = {all}', ...$gaps, all: $all);
    }

    /** @return list<WhyLine> */
    private function bought(): array
    {
        $lines = array_map(function (ShoppingLine $line): WhyLine {
            $packs = implode(' + ', array_map(fn (array $pack): string => "{$pack['times']} × {$pack['pack']->price}", $line->packs->packs));
            $key = ($line->packs->packs === [] ? 'bought.nothing' : 'bought.buy').($line->fromStock === 0 ? '' : '.stock');

            return new WhyLine(
                $line->name, Texts::of('why')->text('bought.formula'),
                Texts::of('why')->say($key, needed: $line->needed, stock: $line->fromStock, sum: "{$packs} = {$line->packs->price}"),
                '', $line->note === '' ? Texts::of('why')->text('bought.source') : $line->note,
            );
        }, $this->shopping->lines);
        $prices = implode(' + ', array_map(fn (ShoppingLine $line): string => (string) $line->packs->price, $this->shopping->lines));

        return [WhyLine::told('first', Sentence::plain("{$prices} = {$this->own->first}")), ...$lines];
    }

    /** @return non-empty-list<WhyLine> */
    private function total(): array
    {
        $economy = $this->own->economy;
        $lines = [WhyLine::told(
            'total',
            Sentence::plain(sprintf('%s + %.1f × %s + %.2f × %s = %s', $this->own->first, $this->own->changes, $this->own->change, $this->own->energy, $economy->tariff, $this->own->total)),
            years: sprintf('%g', $economy->years), hours: sprintf('%g', $economy->hoursPerDay),
        )];
        if ($this->unit->beside !== []) {
            $others = array_map(fn (Placement $one): string => (string) $one->cost->total, $this->unit->beside);
            array_unshift($lines, WhyLine::told('total.all', Sentence::plain(implode(' + ', [(string) $this->own->total, ...$others])." = {$this->cost->total}")));
        }

        return $lines;
    }

    private function asks(): WhyLine
    {
        [$goal, $asks, $texts] = [$this->ledger->goal, $this->ledger->asks, Texts::of('why')];
        if (is_infinite($asks)) {
            return new WhyLine($texts->text('needed.never'), $goal->name(), $texts->say('needed.never.filled'), '', $goal->source());
        }
        $sum = $goal->sum($this->ledger->room, $asks, $this->line->output->spectrum());

        return new WhyLine($texts->tell('needed', goal: $goal->name()), $sum->letters, $sum->filled, '', $goal->source());
    }
}
