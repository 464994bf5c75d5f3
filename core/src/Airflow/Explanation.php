<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Part\Efficiency;
use Jornel\Core\Quantity\Provenance;

/** Why a unit's figures are what they are: each as formula, figures put in, result, and where they came from. */
final readonly class Explanation
{
    /**
     * @param  string  $figure  what is explained
     * @param  string  $formula  in letters
     * @param  string  $filled  with the figures put in
     * @param  float  $value  result
     * @param  string  $unit  of the result
     * @param  Provenance  $from  the least certain of the figures put in
     * @param  string  $source  of the formula
     */
    private function __construct(
        public string $figure,
        public string $formula,
        public string $filled,
        public float $value,
        public string $unit,
        public Provenance $from,
        public string $source,
    ) {
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
     * @return list<array{figure: string, formula: string, filled: string, value: float, unit: string, from: string, source: string}>
     */
    public static function rows(Performance $performance, Unit $unit, array $pollutants): array
    {
        return array_map(fn (self $row): array => [
            'figure' => $row->figure, 'formula' => $row->formula, 'filled' => $row->filled,
            'value' => $row->value, 'unit' => $row->unit, 'from' => $row->from->value, 'source' => $row->source,
        ], self::of($performance, $unit, $pollutants));
    }

    /** @return list<self> */
    private static function balance(Performance $performance, Unit $unit): array
    {
        $balance = $performance->balance;
        $curve = $unit->curve($performance->speed);
        $all = $unit->from->fanFlow->weaker($unit->from->fanPressure)->weaker($unit->from->filterDrop)->weaker($unit->from->seamGap)->weaker($unit->from->opening);

        return [
            new self(
                'pressure between box and room', 'Q_fan(dP) = sum of Q_filter(dP) + sum of Q_leak(dP)',
                sprintf('%.5g = %.5g + %.5g m3/s', $balance->fanFlow, $balance->filterFlow, $balance->leakFlow),
                $balance->pressure, 'Pa', $all, 'balance of flows',
            ),
            new self(
                'flow of the fan', 'Q_fan = curve at dP, flows by throttling and pushing, pressures by density',
                sprintf('from %.5g m3/s free to %.4g Pa shut off, flows times %.3g, at %.4g Pa', $curve->freeFlow(), $curve->shutOff(), $unit->flowFactor, $balance->pressure),
                $balance->fanFlow, 'm3/s', $unit->from->fanFlow->weaker($unit->from->fanPressure), 'fan laws: AMCA / ASHRAE Handbook',
            ),
            new self(
                'bypass', 'Q_leak / Q_fan', sprintf('%.5g / %.5g', $balance->leakFlow, $balance->fanFlow),
                $balance->bypassShare(), '', $all, 'share of flows',
            ),
            new self(
                'share of free flow through the filters', 'Q_filter / Q_free', sprintf('%.5g / %.5g', $balance->filterFlow, $performance->freeFlow),
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
                $rows[] = new self("face velocity, {$of}", 'v = Q / A', sprintf('%.5g m3/s / %.5g m2', $flow, $layer->netArea), $velocity, 'm/s', $unit->from->filterDrop, 'flow over net face');
                $rows[] = new self("drop, {$of}", 'dP = a v + b v2', sprintf('%.4g x %.4g + %.4g x %.4g2', $law->viscous, $velocity, $law->inertial, $velocity), $law->drop($velocity), 'Pa', $unit->from->filterDrop, 'one rated point: 75 % of it linear (assumed)');
                $efficiency = $layer->efficiency->at($velocity);
                foreach (['e1', 'e2', 'e3'] as $bin => $key) {
                    $rows[] = new self(
                        "efficiency {$key}, {$of}", 'E = 1 - P_ref ^ ((v_ref / v) ^ k)',
                        sprintf('1 - %.4g ^ ((%.3g / %.4g) ^ %.2g)', 1.0 - $layer->efficiency->rated->{$key}, Efficiency::RATING_VELOCITY, $velocity, $layer->efficiency->corrects ? Efficiency::EXPONENT[$bin] : 0.0),
                        $efficiency->{$key}, '', $unit->from->penetration, 'grades: ANSI/ASHRAE Standard 52.2-2017; k assumed',
                    );
                }
            }
        }

        return $rows;
    }

    /** @return list<self> */
    private static function leaks(Performance $performance, Unit $unit): array
    {
        return array_map(fn (LeakFlow $leak): self => new self(
            lcfirst($leak->name), 'Q = Cd A sqrt(2 dP / rho)',
            sprintf('%.2f x %.4g m2 x sqrt(2 x %.4g Pa / %.4g kg/m3)', Leak::DISCHARGE, $leak->area, $performance->balance->pressure, $unit->box->air->density),
            $leak->flow, 'm3/s', $leak->isSeam ? $unit->from->seamGap : $unit->from->opening, 'sharp-edged opening, Cd 0.61 (common practice, no source)',
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
        $bins = array_map(fn (string $key): self => new self(
            "clean air {$key}", 'sum over faces of E x Q',
            implode(' + ', array_map(fn (FaceBank $bank): string => sprintf('%d x %.4g x %.4g', count($bank->ids), $bank->efficiency($bank->flow($performance->balance->pressure))->{$key}, $bank->flow($performance->balance->pressure)), $unit->box->banks)),
            $clean->{$key}, 'm3/s', $from, 'air through leaks is not cleaned',
        ), ['e1', 'e2', 'e3']);

        return [...$bins, ...array_map(fn (Pollutant $pollutant): self => new self(
            'clean air for '.lcfirst($pollutant->name), 'w1 e1 + w2 e2 + w3 e3',
            sprintf('%.3g x %.4g + %.3g x %.4g + %.3g x %.4g', $pollutant->weights->e1, $clean->e1, $pollutant->weights->e2, $clean->e2, $pollutant->weights->e3, $clean->e3),
            $pollutant->weigh($clean), 'm3/s', $from, "weights: {$pollutant->source}",
        ), $pollutants)];
    }
}
