<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Bin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Numeric\Formula;
use Jornel\Core\Quantity\Provenance;

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
            $this->key === ExplanationKey::Pressure => sprintf('%s, at %.4g %s', $this->formula->filled, $this->value, $this->unit),
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

    /** @return list<self> */
    private static function balance(Performance $performance, Unit $unit): array
    {
        $balance = $performance->balance;
        $all = $unit->from->fanFlow->weaker($unit->from->fanPressure)->weaker($unit->from->filterDrop)->weaker($unit->from->seamGap)->weaker($unit->from->opening);
        $share = fn (float $value, float $over): string => $over > 0.0 ? Formula::figure($value).' / '.Formula::figure($over) : 'there is no flow';

        return [
            new self(
                ExplanationKey::Pressure, 'pressure between box and room',
                Formula::of('Q_fan(dP) = sum of Q_filter(dP) + sum of Q_leak(dP)', '%s = %s + %s', $balance->fanFlow, $balance->filterFlow, $balance->leakFlow),
                $balance->pressure, 'Pa', $all, 'balance of flows in m3/s; the pressure is the only one at which it closes',
            ),
            new self(
                ExplanationKey::FanFlow, 'flow of the fan', $unit->curve($performance->speed)->formula($balance->pressure),
                $balance->fanFlow, 'm3/s', $unit->from->fanFlow->weaker($unit->from->fanPressure),
                'curve of the fan at this speed, its flows by throttling and pushing, its pressures by density; fan laws: AMCA / ASHRAE Handbook',
            ),
            new self(
                ExplanationKey::Bypass, 'bypass', new Formula('Q_leak / Q_fan', $share($balance->leakFlow, $balance->fanFlow)),
                $balance->bypassShare(), '', $all, 'share of flows',
            ),
            new self(
                ExplanationKey::FreeShare, 'share of free flow through the filters', new Formula('Q_filter / Q_free', $share($balance->filterFlow, $performance->freeFlow)),
                $performance->freeShare(), '', $all, 'bounds at 80, 65 and 45 % (assumed)',
            ),
        ];
    }

    /** @return list<self> */
    private static function faces(Performance $performance, Unit $unit): array
    {
        $rows = [];
        foreach ($unit->box->banks as $bank) {
            $flow = $bank->flow($performance->balance->pressure);
            $name = count($bank->ids) === 1 ? 'one face' : sprintf('each of %d faces', count($bank->ids));
            foreach ($bank->layers as $number => $layer) {
                $velocity = $flow / $layer->netArea;
                $law = $layer->law->in($unit->box->air);
                $of = count($bank->layers) === 1 ? $name : sprintf('%s, layer %d', $name, $number + 1);
                $rows[] = new self(ExplanationKey::FaceVelocity, "face velocity, {$of}", Formula::of('v = Q / A', '%s / %s', $flow, $layer->netArea), $velocity, 'm/s', $unit->from->filterDrop, 'flow over net face, m3/s and m2');
                $rows[] = new self(ExplanationKey::Drop, "drop, {$of}", Formula::of('dP = a v + b v²', '%s × %s + %s × %s²', $law->viscous, $velocity, $law->inertial, $velocity), $law->drop($velocity), 'Pa', $unit->from->filterDrop, 'one rated point: 75 % of it linear (assumed)');
                foreach (Bin::cases() as $bin) {
                    $rows[] = new self(
                        ExplanationKey::Efficiency, "efficiency {$bin->value}, {$of}", $layer->efficiency->formula($bin, $velocity),
                        $layer->efficiency->at($velocity)->in($bin), '', $unit->from->penetration, 'grades: ANSI/ASHRAE Standard 52.2-2017; k assumed',
                    );
                }
            }
            if (count($bank->layers) > 1) {
                array_push($rows, ...self::inSeries($bank, $flow, $name, $unit));
            }
        }

        return $rows;
    }

    /** @return list<self> */
    private static function inSeries(FaceBank $bank, float $flow, string $name, Unit $unit): array
    {
        return array_map(fn (Bin $bin): self => new self(
            ExplanationKey::Efficiency, "efficiency {$bin->value}, {$name}, all layers",
            new Formula('E = 1 - product over layers of (1 - E)', '1 - '.implode(' × ', array_map(
                fn ($layer): string => '(1 - '.Formula::figure($layer->efficiency->at($flow / $layer->netArea)->in($bin)).')', $bank->layers,
            ))),
            $bank->efficiency($flow)->in($bin), '', $unit->from->penetration, 'penetrations of layers multiply',
        ), Bin::cases());
    }

    /** @return list<self> */
    private static function leaks(Performance $performance, Unit $unit): array
    {
        return array_map(fn (LeakFlow $flow): self => new self(
            ExplanationKey::Leak, lcfirst($flow->leak->name),
            Formula::of('Q = Cd A sqrt(2 dP / rho)', '%s × %s × sqrt(2 × %s / %s)', Leak::DISCHARGE, $flow->leak->area, $performance->balance->pressure, $unit->box->air->density),
            $flow->flow, 'm3/s', $flow->leak->isSeam() ? $unit->from->seamGap : $unit->from->opening, 'sharp-edged opening, Cd 0.61 (common practice, no source); m2, Pa, kg/m3',
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
        $bins = array_map(fn (Bin $bin): self => new self(
            ExplanationKey::CleanAirOfBin, "clean air {$bin->value}",
            new Formula('sum over faces of E Q', implode(' + ', array_map(
                fn (FaceBank $bank): string => sprintf('%d × %s × %s', count($bank->ids), Formula::figure($bank->efficiency($flow($bank))->in($bin)), Formula::figure($flow($bank))), $unit->box->banks,
            ))),
            $clean->in($bin), 'm3/s', $from, 'air through leaks is not cleaned',
        ), Bin::cases());

        return [...$bins, ...array_map(fn (Pollutant $pollutant): self => new self(
            ExplanationKey::CleanAir, "clean air for {$pollutant->within}",
            Formula::of('w1 e1 + w2 e2 + w3 e3', '%s × %s + %s × %s + %s × %s', $pollutant->weights->e1, $clean->e1, $pollutant->weights->e2, $clean->e2, $pollutant->weights->e3, $clean->e3),
            $pollutant->weigh($clean), 'm3/s', $from, "weights: {$pollutant->source}",
        ), $pollutants)];
    }
}
