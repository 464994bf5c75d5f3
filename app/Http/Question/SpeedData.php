<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Ledger\SpeedLine;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Room\Target\GoalShare;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Speed', description: 'What all units of a design do at one speed')]
final readonly class SpeedData
{
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'In each box')] public Shown $pressure,
        #[OA\Property(description: 'Of one unit')] public Shown $fan_flow,
        #[OA\Property(description: 'Of one unit')] public Shown $filter_flow,
        #[OA\Property(description: 'Of one unit')] public Shown $bypass_flow,
        #[OA\Property] public Shown $bypass_share,
        #[OA\Property(description: 'For the room’s pollutant, all units')] public Shown $clean_air,
        #[OA\Property(description: 'Clean air that the goal judges, all units')] public Shown $judged,
        #[OA\Property(description: 'The same as a share of the needed clean air')] public float $goal_share,
        #[OA\Property] public Shown $air_changes,
        #[OA\Property] public Shown $minutes90,
        #[OA\Property] public Shown $minutes99,
        #[OA\Property(description: 'All units, each heard from 1 m')] public Shown $level,
        #[OA\Property(description: 'All units at the seat where they are loudest; null where no seat is drawn', nullable: true)] public ?Shown $seat_level,
        #[OA\Property] public Shown $watts,
        #[OA\Property(enum: ['free', 'fair', 'strained', 'choked'])] public string $restriction,
        #[OA\Property] public bool $reaches_goal,
        #[OA\Property] public bool $keeps_quiet,
    ) {
    }

    public static function of(SpeedLine $line): self
    {
        $balance = $line->performance->balance;

        return new self(
            $line->performance->speed->name,
            Shown::of(Display::Pressure, $balance->pressure),
            Shown::of(Display::Flow, $balance->fanFlow),
            Shown::of(Display::Flow, $balance->filterFlow),
            Shown::of(Display::Flow, $balance->leakFlow),
            Shown::of(Display::Share, $balance->bypassShare() ?? 0.0),
            Shown::of(Display::Flow, $line->clean),
            Shown::of(Display::Flow, $line->judged()),
            round(GoalShare::ofBar($line->judged(), $line->asks()), 4),
            Shown::of(Display::AirChanges, $line->airChanges),
            Shown::of(Display::Minutes, $line->seconds90),
            Shown::of(Display::Minutes, $line->seconds99),
            Shown::of(Display::Level, $line->level),
            $line->seatLevel === null ? null : Shown::of(Display::Level, $line->seatLevel),
            Shown::of(Display::Power, $line->watts),
            $line->performance->restriction()->value,
            $line->reachesGoal(),
            $line->keepsQuiet,
        );
    }
}
