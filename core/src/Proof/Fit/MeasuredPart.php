<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

use Jornel\Core\Part\PartKind;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Shape\Design;

/** Figures of a part as the evidence of a unit has them, to go before those of the catalogue wherever the part is used. */
final readonly class MeasuredPart
{
    /** How much of what was not known the evidence must have taken away before a figure counts as measured (assumed). */
    private const NARROWED = 0.4;

    /**
     * @param  array<string, mixed>  $figures  in the form of the catalogue, each with `from` measured
     * @param  Sentence  $text  what would be kept, in words
     */
    private function __construct(public PartKind $kind, public string $code, public string $name, public array $figures, public Sentence $text)
    {
    }

    /**
     * Those of a unit's parts that the evidence tells well enough.
     *
     * @return list<self>
     */
    public static function of(UnitFit $fit, Design $design): array
    {
        $tells = fn (FitParameter $one): bool => $fit->narrowed($one) >= self::NARROWED;

        return array_values(array_filter([
            $tells(FitParameter::FanScale) ? self::fan($design, $fit->factor(FitParameter::FanScale)->value) : null,
            $tells(FitParameter::FilterDrop) ? self::filter($design, $fit->factor(FitParameter::FilterDrop)->value) : null,
            $tells(FitParameter::Leak) ? self::joining($design, $fit->factor(FitParameter::Leak)->value) : null,
        ]));
    }

    /** Flows go with the turns, pressures with their square. */
    private static function fan(Design $design, float $scale): self
    {
        $record = new Record($design->fan->data);
        $curve = $record->data()['curve'] ?? null;
        if (is_array($curve)) {
            $figures = ['curve' => array_map(fn (Record $point): array => [
                'flow_m3_s' => self::measured($point->figure('flow', -1e-12)->si * $scale), 'pressure_pa' => self::measured($point->figure('pressure', -1e-12)->si * $scale ** 2),
            ], $record->records('curve'))];
            $free = $design->fan->rating->curve->flow(0.0) * $scale;
        } else {
            $told = $record->optional('free_flow', 0.0);
            $free = $scale * ($told->si ?? $record->figure('advertised_flow', 0.0)->si * $record->number('real_to_advertised', 0.0)->si);
            $figures = ['free_flow_m3_s' => self::measured($free), 'shut_off_pa' => self::measured($record->figure('shut_off', 0.0)->si * $scale ** 2)];
        }

        return new self(PartKind::Fan, $design->fan->id, $design->fan->name, $figures, Texts::of('proof')->say('measured.fan', name: $design->fan->name, flow: [Display::Flow, $free]));
    }

    private static function filter(Design $design, float $drop): self
    {
        $record = new Record($design->filter->data);
        $points = is_array($record->data()['drop'] ?? null) && array_is_list($record->data()['drop']) ? $record->records('drop') : [$record->child('drop')];

        return new self(PartKind::Filter, $design->filter->id, $design->filter->name, ['drop' => array_map(fn (Record $point): array => [
            'velocity_m_s' => $point->figure('velocity', 0.0)->si, 'pressure_pa' => self::measured($point->figure('pressure', 0.0)->si * $drop), 'from' => Provenance::Measured->value,
        ], $points)], Texts::of('proof')->say('measured.filter', name: $design->filter->name, share: [Display::Share, $drop]));
    }

    /** Of all leaks the joining's gap is taken to be as much wider or narrower as they are together. */
    private static function joining(Design $design, float $leak): self
    {
        $gap = $design->joining->residualGap * $leak;

        return new self(PartKind::Joining, $design->joining->id, $design->joining->name, ['residual_gap_m' => self::measured($gap)], Texts::of('proof')->say('measured.joining', name: $design->joining->name, gap: [Display::Gap, $gap]));
    }

    /** @return array{value: float, from: string} */
    private static function measured(float $value): array
    {
        return ['value' => $value, 'from' => Provenance::Measured->value];
    }
}
