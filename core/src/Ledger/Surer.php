<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\UncertainFigure;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Room\Target\Judgement;

/** What would make the result of a build surer: the figure whose measuring narrows its range the most. */
final readonly class Surer
{
    /**
     * @param  Band  $before  of the clean air that the goal judges, m3/s
     * @param  Band  $after  the same with that figure measured
     */
    private function __construct(public UncertainFigure $figure, public Band $before, public Band $after)
    {
    }

    public static function of(Judgement $judgement, UncertainOutput $output): ?self
    {
        $best = null;
        $least = $judgement->given($output)->deviation;
        foreach ($output->figures as $key => $figure) {
            $deviation = $figure->from === Provenance::Measured ? INF : $judgement->given($output, $key)->deviation;
            if ($deviation < $least) {
                [$best, $least] = [$figure, $deviation];
            }
        }

        return $best === null ? null : new self($best, Band::ofDistribution($judgement->given($output)), Band::ofDistribution($judgement->given($output, $best->key())));
    }

    /** `Measure the fan's flow (Box fan 20 in, plain): the range would narrow from 558–857 cfm to 640–760 cfm.` */
    public function text(): Sentence
    {
        return Texts::of('surer')->say(
            $this->figure->quantity,
            part: $this->figure->name,
            low: [Display::Flow, $this->before->low], high: [Display::Flow, $this->before->high],
            narrowLow: [Display::Flow, $this->after->low], narrowHigh: [Display::Flow, $this->after->high],
        );
    }
}
