<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Verdict;

use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Airflow\UncertainFigure;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Ledger\Placement;
use Jornel\Core\Ledger\Setting;
use Jornel\Core\Ledger\UnitLedger;
use Jornel\Core\Numeric\DimensionReduction;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Fit\EvidenceTolerances;
use Jornel\Core\Proof\Fit\UnitFit;
use Jornel\Core\Proof\Tissue\LeakRanking;
use Jornel\Core\Proof\Tissue\TissueModel;
use Jornel\Core\Proof\Tissue\TissueSurvey;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Interval;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Shape\Corners;

/** All that is known of a unit against the goal of its room: as designed, as built, as proved; and what to do next. */
final readonly class UnitProof
{
    /** Kinds of evidence that tell the output, as against a figure behind it. */
    private const TELLING = [EvidenceKind::Decay, EvidenceKind::Traverse];

    /** Clean air, as a share of what a unit gives, below which a step is not worth telling (assumed). */
    private const WORTH = 0.01;

    private const MOST_SURE = 0.9999;

    /** @param  list<Evidence>  $evidence */
    private function __construct(
        public UnitLedger $ledger,
        public UnitFit $design,
        public UnitFit $built,
        public UnitFit $proved,
        private array $evidence,
        private ?TissueSurvey $survey,
        private Setting $setting,
        private TissueModel $tissue,
    ) {
    }

    /**
     * @param  UnitLedger  $ledger  of the version that the unit was made by, with all that stands in its room
     * @param  list<Evidence>  $evidence  but for the tissue test
     * @param  TissueSurvey|null  $survey  the last round of it
     */
    public static function of(UnitLedger $ledger, array $evidence, ?TissueSurvey $survey, Setting $setting, TissueModel $tissue, EvidenceTolerances $of): self
    {
        $tight = $survey === null ? [] : [Evidence::tissue($survey->area)];
        [$design, $built, $proved] = array_map(
            fn (array $known): UnitFit => UnitFit::of($ledger->unit, $known, $ledger->room->pollutant, $setting->tolerances, $of),
            [[], $tight, [...$tight, ...$evidence]],
        );

        return new self($ledger, $design, $built, $proved, $evidence, $survey, $setting, $tissue);
    }

    /** @return non-empty-list<ProofStage> as designed, as built where a tissue test was made, as proved where its output was measured */
    public function stages(): array
    {
        return [
            $this->stage('design', $this->design),
            ...($this->survey === null ? [] : [$this->stage('built', $this->built)]),
            ...($this->isProved() ? [$this->stage('proved', $this->proved)] : []),
        ];
    }

    public function isProved(): bool
    {
        return array_filter($this->evidence, fn (Evidence $one): bool => in_array($one->kind, self::TELLING, true)) !== [];
    }

    public function grade(): Grade
    {
        $steps = $this->setting->likelihoods->all();
        $chance = $this->last()->chance;

        return match (true) {
            ! $this->isProved() => Grade::NotProved,
            $chance >= $this->setting->likelihoods->sure() => Grade::Pass,
            $chance < $steps[count($steps) - 2]->least => Grade::Fail,
            default => Grade::Marginal,
        };
    }

    /** The verdict in words. */
    public function says(): Sentence
    {
        $last = $this->last();

        return Texts::of('proof')->say("verdict.{$this->grade()->value}",
            low: [Display::Flow, $last->cleanAir->low], high: [Display::Flow, $last->cleanAir->high],
            gets: [Display::Flow, $last->gets->value], asks: [Display::Flow, $this->ledger->asks()],
            goal: $this->ledger->goal->name(), chance: [Display::Chance, $last->chance],
        );
    }

    /**
     * What to do next: what gives more, the most first; then what tells more.
     *
     * @return list<NextStep>
     */
    public function next(): array
    {
        $each = $this->proved->cleanAir($this->ledger->chosen)->value;
        $steps = array_values(array_filter(
            [$this->patching(), ...($this->last()->chance >= $this->setting->likelihoods->sure() ? [] : [$this->faster($each), $this->shroud($each), $this->oneMore($each)])],
            fn (?NextStep $step): bool => $step !== null && ($step->gain ?? 0.0) > self::WORTH * $each,
        ));
        usort($steps, fn (NextStep $one, NextStep $other): int => ($other->gain ?? 0.0) <=> ($one->gain ?? 0.0));

        return [...$steps, ...$this->toMeasure()];
    }

    /** What the evidence says of the parts, where it says something: which figure is not as the catalogue has it. */
    public function culprit(): ?Culprit
    {
        return $this->evidence === [] && $this->survey === null ? null : Culprit::of($this->proved);
    }

    private function last(): ProofStage
    {
        $stages = $this->stages();

        return $stages[count($stages) - 1];
    }

    private function stage(string $key, UnitFit $fit): ProofStage
    {
        $chosen = $this->ledger->chosen;
        $output = $this->uncertain($fit, $chosen);
        $judgement = Judgement::of($this->ledger->goal, $this->ledger->room, $output->told);
        // What was measured is never certain, however small the number that is left.
        $chance = min($judgement->chance($output) ?? 0.0, ($judgement->asks ?? 1.0) > 0.0 ? self::MOST_SURE : 1.0);

        return new ProofStage($key, $fit->cleanAir($chosen), Interval::ofLognormal($judgement->given($output)), $chance, $this->setting->likelihoods->of($chance));
    }

    /** All that stands in the room, the units as the fit has them. */
    private function uncertain(UnitFit $fit, int $speed): UncertainOutput
    {
        $output = $fit->output($speed);
        $deviation = $fit->cleanAirDistribution($speed)->deviation;
        $off = fn (float $by): Output => $output->times(exp($by * DimensionReduction::POINT * $deviation));
        $figure = new UncertainFigure(Tolerances::RATING, 'unit', 'the unit', Provenance::Measured, max(1e-9, $deviation), max(1e-9, $deviation), $off(1.0), $off(-1.0));

        return Placement::together($this->ledger->beside)->output->plus(UncertainOutput::of($output, [$figure])->times($this->ledger->units));
    }

    private function patching(): ?NextStep
    {
        if ($this->survey === null || $this->survey->leaks() === []) {
            return null;
        }
        $ranks = LeakRanking::ofAll($this->ledger->unit->at($this->ledger->chosen), $this->survey, $this->ledger->room->pollutant, $this->tissue);
        $minutes = array_sum(array_map(fn ($leak): float => $this->tissue->minutes($leak->point->kind), $this->survey->leaks()));

        return new NextStep('patch', self::say(count($this->survey->leaks()) === 1 ? 'next.patch-one' : 'next.patch', count: count($this->survey->leaks()), minutes: (string) max(1, (int) ceil($minutes)), gain: [Display::Flow, $this->ledger->units * $ranks->value]), $this->ledger->units * $ranks->value);
    }

    /** The next speed up that keeps to the noise limit. */
    private function faster(float $each): ?NextStep
    {
        $next = $this->ledger->speeds[$this->ledger->chosen + 1] ?? null;
        if ($next === null || ! $next->keepsQuiet) {
            return null;
        }
        $gain = $this->ledger->units * ($this->proved->cleanAir($this->ledger->chosen + 1)->value - $each);

        return new NextStep('faster', self::say('next.faster', speed: $next->performance->speed->name, level: [Display::Level, $next->level], gain: [Display::Flow, $gain]), $gain);
    }

    private function shroud(float $each): ?NextStep
    {
        $design = $this->ledger->design;
        if ($design->corners === Corners::Shroud) {
            return null;
        }
        $made = $design->made(Corners::Shroud, $design->joining);
        $unit = Unit::of($made, $made->assemble(), $this->setting->air)->at($this->ledger->chosen);
        $gain = $this->ledger->units * (max(0.0, $this->ledger->room->pollutant->weigh($unit->performances()[0]->cleanAir) / max(1e-9, $this->design->cleanAir($this->ledger->chosen)->value) - 1.0) * $each);

        return new NextStep('shroud', self::say('next.shroud', gain: [Display::Flow, $gain]), $gain);
    }

    private function oneMore(float $each): NextStep
    {
        return new NextStep('one-more', self::say('next.one-more', gain: [Display::Flow, $each]), $each);
    }

    /** @return list<NextStep> */
    private function toMeasure(): array
    {
        $kinds = array_map(fn (Evidence $one): EvidenceKind => $one->kind, $this->evidence);

        return [
            ...($this->survey === null ? [new NextStep('tissue', self::say('next.tissue'), null)] : []),
            ...(in_array(EvidenceKind::Decay, $kinds, true) ? [] : [new NextStep('decay', self::say('next.decay'), null)]),
            ...(in_array(EvidenceKind::Traverse, $kinds, true) ? [] : [new NextStep('traverse', self::say('next.traverse'), null)]),
            ...array_map(fn ($one): NextStep => new NextStep('outlier', self::say("outlier.{$one->evidence->kind->value}"), null), $this->proved->outliers()),
        ];
    }

    /** @param  array{Display, float}|string|int  ...$gaps */
    private static function say(string $key, array|string|int ...$gaps): Sentence
    {
        return Texts::of('proof')->say($key, ...$gaps);
    }
}
