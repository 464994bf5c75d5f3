<?php

namespace App\Http\Question;

use App\Http\Shared\DrawingData;
use App\Http\Shared\Shown;
use Jornel\Core\Drawing\View;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Ledger\AirStreams;
use Jornel\Core\Ledger\Finding;
use Jornel\Core\Ledger\PartLabels;
use Jornel\Core\Ledger\SpeedLine;
use Jornel\Core\Ledger\UnitLedger;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Unit', description: 'Some units of one design held against the goal')]
final readonly class UnitData
{
    /**
     * @param  list<SpeedData>  $speeds
     * @param  list<FindingData>  $findings
     * @param  list<string>  $remarks
     */
    private function __construct(
        #[OA\Property(description: 'Shape, fan and filter')] public string $summary,
        #[OA\Property(description: 'Name of its shape')] public string $shape,
        #[OA\Property] public int $units,
        #[OA\Property(description: 'Units that reach the goal at the chosen speed')] public int $needed,
        #[OA\Property(enum: ['meets', 'warns', 'short'])] public string $standing,
        #[OA\Property(items: new OA\Items(ref: FindingData::class))] public array $findings,
        #[OA\Property(description: 'Which of the speeds is judged')] public int $chosen,
        #[OA\Property(items: new OA\Items(ref: SpeedData::class))] public array $speeds,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $remarks,
        #[OA\Property(enum: ['measured', 'rated', 'typical', 'assumed'], description: 'The least certain of the figures it rests on')] public string $provenance,
        #[OA\Property(description: '90 % range of the clean air that the goal judges')] public BandData $band,
        #[OA\Property(description: 'To reach the goal, 0 to 1')] public float $chance,
        #[OA\Property(enum: ['reaches', 'probably', 'probably-not', 'falls-short'], description: 'What that chance amounts to')] public string $likelihood,
        #[OA\Property(description: 'The same in words', example: 'Probably reaches the goal')] public string $verdict,
        #[OA\Property(description: 'The chance in words', example: '82 %')] public Shown $chance_text,
        #[OA\Property(nullable: true, description: 'What would make it surer')] public ?Shown $surer,
        #[OA\Property(description: 'Until 90 % is gone at the chosen speed, with its range', example: '17 (14–29 min)')] public Shown $minutes90,
        #[OA\Property(description: 'The same for 99 %')] public Shown $minutes99,
        #[OA\Property] public FormData $form,
        #[OA\Property] public CostData $cost,
        #[OA\Property] public DrawingData $drawing,
    ) {
    }

    /** @param  list<string>  $drawn  marks of drawings whose strokes are not wanted again */
    public static function of(UnitLedger $unit, RunningCost $cost, View $view, array $drawn): self
    {
        $mark = $view->mark($unit->design);
        $scene = $unit->design->scene();

        return new self(
            $unit->design->title(),
            $unit->design->shape->name(),
            $unit->units,
            $unit->needed,
            $unit->standing()->value,
            array_map(fn (Finding $finding): FindingData => FindingData::of($finding), $unit->findings),
            $unit->chosen,
            array_map(fn (SpeedLine $line): SpeedData => SpeedData::of($line), $unit->speeds),
            [...$unit->assembly->remarks, ...$unit->unit->notes],
            $unit->design->provenance()->value,
            BandData::of($unit->band(), $unit->asks()),
            round($unit->chance, 4),
            $unit->likelihood->id,
            $unit->likelihood->name,
            Shown::of(Display::Chance, $unit->chance),
            ($surer = $unit->surer()) === null ? null : Shown::sentence($surer->text()),
            self::within($unit->line()->seconds90, $unit->timeRange(0.90)),
            self::within($unit->line()->seconds99, $unit->timeRange(0.99)),
            FormData::of($unit->measurements, $unit->design),
            CostData::of($cost),
            DrawingData::of(in_array($mark, $drawn, true) ? $view->drawAround($scene) : $view->draw($scene), PartLabels::of($unit), AirStreams::of($unit), Display::PartLength, $mark),
        );
    }

    /**
     * The unit once, at the end: `17 (14–29 min)`.
     *
     * @param  float  $told  s
     * @param  array{float, float}  $range  s
     */
    private static function within(float $told, array $range): Shown
    {
        $bare = fn (float $seconds): string => (string) preg_replace('/ \w+$/', '', Display::Minutes->text($seconds, System::Metric));

        return Shown::sentence(Sentence::of('{told} ({low}–{high})', told: $bare($told), low: $bare($range[0]), high: [Display::Minutes, $range[1]]));
    }
}
