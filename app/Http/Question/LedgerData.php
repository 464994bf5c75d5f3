<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Caution\Caution;
use Jornel\Core\Drawing\View;
use Jornel\Core\Ledger\FlowScale;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\Placement;
use Jornel\Core\Ledger\TargetAsk;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Ledger', description: 'Goal against result for one room')]
final readonly class LedgerData
{
    /**
     * @param  list<TargetData>  $targets
     * @param  list<ScaleMarkData>  $scale_imperial
     * @param  list<ScaleMarkData>  $scale_metric
     * @param  list<BesideData>  $beside
     * @param  list<CautionData>  $cautions
     */
    private function __construct(
        #[OA\Property] public Shown $floor_area,
        #[OA\Property] public Shown $volume,
        #[OA\Property] public string $pollutant,
        #[OA\Property] public string $goal,
        #[OA\Property] public Shown $goal_asks,
        #[OA\Property(items: new OA\Items(ref: TargetData::class))] public array $targets,
        #[OA\Property(items: new OA\Items(ref: ScaleMarkData::class))] public array $scale_imperial,
        #[OA\Property(items: new OA\Items(ref: ScaleMarkData::class))] public array $scale_metric,
        #[OA\Property(nullable: true, description: 'Clean air of the build along the same scale, 0 to 1')] public ?float $build_share,
        #[OA\Property(nullable: true)] public ?UnitData $unit,
        #[OA\Property(nullable: true, description: 'What stands in the room comes to, where nothing is on the bench')] public ?StandingData $standing,
        #[OA\Property(items: new OA\Items(ref: BesideData::class), description: 'What stands in the room besides and is counted')] public array $beside,
        #[OA\Property(items: new OA\Items(ref: CautionData::class))] public array $cautions,
    ) {
    }

    /**
     * @param  View  $view  from which the unit is drawn
     * @param  list<string>  $drawn  marks of drawings whose strokes are not wanted again
     */
    public static function of(Ledger $ledger, View $view = new View, array $drawn = []): self
    {
        $targets = $ledger->targets();
        $scale = FlowScale::over($targets);

        return new self(
            Shown::of(Display::Area, $ledger->room->floorArea()),
            Shown::of(Display::Volume, $ledger->room->volume()),
            $ledger->room->pollutant->name,
            $ledger->goal->name(),
            Shown::of(Display::Flow, $ledger->asks),
            array_map(fn (TargetAsk $ask): TargetData => TargetData::of($ask, $scale, $ledger->goal->id()), $targets),
            ScaleMarkData::flows($scale, System::Imperial),
            ScaleMarkData::flows($scale, System::Metric),
            $ledger->unit === null && $ledger->standing === null ? null : round($scale->place($ledger->judged()), 4),
            $ledger->unit === null || $ledger->cost === null ? null : UnitData::of($ledger->unit, $ledger->cost, $view, $drawn),
            $ledger->standing === null ? null : StandingData::of($ledger->standing),
            array_map(fn (Placement $one): BesideData => BesideData::of($one, $ledger->room), $ledger->beside),
            array_map(fn (Caution $caution): CautionData => CautionData::of($caution), $ledger->cautions),
        );
    }
}
