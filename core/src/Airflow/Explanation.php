<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Bin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Numeric\Formula;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Texts;

/** Why a unit's figures are what they are: each as formula, figures put in, result, and where they came from. */
final readonly class Explanation
{
    /**
     * @param  ExplanationKey  $key  what kind of figure it is, by which rows are chosen
     * @param  string  $figure  what is explained, in words
     * @param  Formula  $formula  of which the filled one gives the value
     * @param  float|null  $value  result; null where there is none
     * @param  string  $unit  of the result
     * @param  Provenance  $from  the least certain of the figures put in
     * @param  string  $source  of the formula
     */
    private function __construct(
        public ExplanationKey $key,
        public string $figure,
        public Formula $formula,
        public ?float $value,
        public string $unit,
        public Provenance $from,
        public string $source,
    ) {
    }

    /** The filled formula with its result. */
    public function text(): string
    {
        return match (true) {
            $this->value === null => $this->formula->filled,
            $this->key === ExplanationKey::Pressure => Texts::of('explanation')->tell('pressure.filled', filled: $this->formula->filled, value: sprintf('%.4g %s', $this->value, $this->unit)),
            default => rtrim(sprintf('%s = %.4g %s', $this->formula->filled, $this->value, $this->unit)),
        };
    }

    /**
     * @param  list<Pollutant>  $pollutants
     * @return list<self>
     */
    public static function of(Performance $performance, Unit $unit, array $pollutants): array
    {
        return [
            ...self::balance($performance, $unit),
            ...self::faces($performance, $unit),
            ...self::leaks($performance, $unit),
            ...self::cleanAir($performance, $unit, $pollutants),
        ];
    }

    /**
     * The same as plain rows.
     *
     * @param  list<Pollutant>  $pollutants
     * @return list<array{key: string, figure: string, formula: string, filled: string, value: float|null, unit: string, from: string, source: string}>
     */
    public static function rows(Performance $performance, Unit $unit, array $pollutants): array
    {
        return array_map(fn (self $row): array => [
            'key' => $row->key->value, 'figure' => $row->figure, 'formula' => $row->formula->letters, 'filled' => $row->formula->filled,
            'value' => $row->value, 'unit' => $row->unit, 'from' => $row->from->value, 'source' => $row->source,
        ], self::of($performance, $unit, $pollutants));
    }

    /**
     * With the texts of its key in `core/texts`: what is explained, and `.source`.
     *
     * @param  string|int  ...$gaps  of both, by name
     */
    private static function told(ExplanationKey $key, Formula $formula, ?float $value, string $unit, Provenance $from, string|int ...$gaps): self
    {
        $texts = Texts::of('explanation');

        return new self($key, $texts->tell($key->value, ...$gaps), $formula, $value, $unit, $from, $texts->tell("{$key->value}.source", ...$gaps));
    }

    /** @return list<self> */
    private static function balance(Performance $performance, Unit $unit): array
    {
        $balance = $performance->balance;
        $all = $unit->from->fanFlow->weaker($unit->from->fanPressure)->weaker($unit->from->filterDrop)->weaker($unit->from->seamGap)->weaker($unit->from->opening);
        $share = fn (float $value, float $over): string => $over > 0.0 ? Formula::figure($value).' / '.Formula::figure($over) : Texts::of('explanation')->text('no-flow');

        return [
            self::told(
                ExplanationKey::Pressure, Formula::of('Q_fan(dP) = sum of Q_filter(dP) + sum of Q_leak(dP)', '%s = %s + %s', $balance->fanFlow, $balance->filterFlow, $balance->leakFlow),
                $balance->pressure, 'Pa', $all,
            ),
            self::told(ExplanationKey::FanFlow, $unit->curve($performance->speed)->formula($balance->pressure), $balance->fanFlow, 'm3/s', $unit->from->fanFlow->weaker($unit->from->fanPressure)),
            self::told(ExplanationKey::Bypass, new Formula('Q_leak / Q_fan', $share($balance->leakFlow, $balance->fanFlow)), $balance->bypassShare(), '', $all),
            self::told(ExplanationKey::FreeShare, new Formula('Q_filter / Q_free', $share($balance->filterFlow, $performance->freeFlow)), $performance->freeShare(), '', $all),
        ];
    }

    /** @return list<self> */
    private static function faces(Performance $performance, Unit $unit): array
    {
        $rows = [];
        foreach ($unit->box->banks as $bank) {
            $flow = $bank->flow($performance->balance->pressure);
            $count = count($bank->ids);
            $key = $count === 1 ? 'face' : 'faces';
            foreach ($bank->layers as $number => $layer) {
                $velocity = $flow / $layer->netArea;
                $law = $layer->law->in($unit->box->air);
                $face = Texts::of('explanation')->tell(count($bank->layers) === 1 ? $key : "{$key}.layer", count: $count, layer: $number + 1);
                $rows[] = self::told(ExplanationKey::FaceVelocity, Formula::of('v = Q / A', '%s / %s', $flow, $layer->netArea), $velocity, 'm/s', $unit->from->filterDrop, face: $face);
                $rows[] = self::told(ExplanationKey::Drop, Formula::of('dP = a v + b v²', '%s × %s + %s × %s²', $law->viscous, $velocity, $law->inertial, $velocity), $law->drop($velocity), 'Pa', $unit->from->filterDrop, face: $face);
                foreach (Bin::cases() as $bin) {
                    $rows[] = self::told(
                        ExplanationKey::Efficiency, $layer->efficiency->formula($bin, $velocity), $layer->efficiency->at($velocity)->in($bin), '', $unit->from->penetration, bin: $bin->value, face: $face,
                    );
                }
            }
            if (count($bank->layers) > 1) {
                array_push($rows, ...self::inSeries($bank, $flow, Texts::of('explanation')->tell("{$key}.layers", count: $count), $unit));
            }
        }

        return $rows;
    }

    /** @return list<self> */
    private static function inSeries(FaceBank $bank, float $flow, string $face, Unit $unit): array
    {
        return array_map(fn (Bin $bin): self => new self(
            ExplanationKey::Efficiency, Texts::of('explanation')->tell('efficiency', bin: $bin->value, face: $face),
            new Formula('E = 1 - product over layers of (1 - E)', '1 - '.implode(' × ', array_map(
                fn ($layer): string => '(1 - '.Formula::figure($layer->efficiency->at($flow / $layer->netArea)->in($bin)).')', $bank->layers,
            ))),
            $bank->efficiency($flow)->in($bin), '', $unit->from->penetration, Texts::of('explanation')->text('efficiency.layers.source'),
        ), Bin::cases());
    }

    /** @return list<self> */
    private static function leaks(Performance $performance, Unit $unit): array
    {
        return array_map(fn (LeakFlow $flow): self => self::told(
            ExplanationKey::Leak,
            Formula::of('Q = Cd A sqrt(2 dP / rho)', '%s × %s × sqrt(2 × %s / %s)', Leak::DISCHARGE, $flow->leak->area, $performance->balance->pressure, $unit->box->air->density),
            $flow->flow, 'm3/s', $flow->leak->isSeam() ? $unit->from->seamGap : $unit->from->opening, leak: Texts::within($flow->leak->name),
        ), $performance->leaks);
    }

    /**
     * @param  list<Pollutant>  $pollutants
     * @return list<self>
     */
    private static function cleanAir(Performance $performance, Unit $unit, array $pollutants): array
    {
        $clean = $performance->cleanAir;
        $from = $unit->from->fanFlow->weaker($unit->from->filterDrop)->weaker($unit->from->penetration);
        $flow = fn (FaceBank $bank): float => $bank->flow($performance->balance->pressure);
        $bins = array_map(fn (Bin $bin): self => self::told(
            ExplanationKey::CleanAirOfBin,
            new Formula('sum over faces of E Q', implode(' + ', array_map(
                fn (FaceBank $bank): string => sprintf('%d × %s × %s', count($bank->ids), Formula::figure($bank->efficiency($flow($bank))->in($bin)), Formula::figure($flow($bank))), $unit->box->banks,
            ))),
            $clean->in($bin), 'm3/s', $from, bin: $bin->value,
        ), Bin::cases());

        return [...$bins, ...array_map(fn (Pollutant $pollutant): self => self::told(
            ExplanationKey::CleanAir,
            Formula::of('w1 e1 + w2 e2 + w3 e3', '%s × %s + %s × %s + %s × %s', $pollutant->weights->e1, $clean->e1, $pollutant->weights->e2, $clean->e2, $pollutant->weights->e3, $clean->e3),
            $pollutant->weigh($clean), 'm3/s', $from, pollutant: $pollutant->within, source: $pollutant->source,
        ), $pollutants)];
    }
}
