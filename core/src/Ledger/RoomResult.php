<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\Output;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\GoalShare;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Target\Likelihood;
use Jornel\Core\Room\Target\Target;

/** What all that stands in a room comes to against its goal. */
final readonly class RoomResult
{
    /**
     * @param  int  $purifiers  of all kinds
     * @param  Output  $output  of all of them
     * @param  float  $gets  clean air of the kind that the goal judges, the building's with it, m3/s
     * @param  float  $share  of the goal, as for a bar: {@see GoalShare}
     * @param  float  $chance  to reach it, 0 to 1
     */
    private function __construct(public int $purifiers, public Output $output, public float $gets, public float $share, public float $chance, public Likelihood $likelihood)
    {
    }

    /** @param  list<Placement>  $placements */
    public static function of(Room $room, Target $goal, array $placements, Setting $setting): self
    {
        $all = Placement::together($placements);
        $judgement = Judgement::of($goal, $room, $all->output->told);
        $chance = $judgement->chance($all->output) ?? 0.0;

        return new self($all->count(), $all->output->told, $judgement->gets(), GoalShare::ofBar($judgement->gets(), $judgement->asks ?? INF), $chance, $setting->likelihoods->of($chance));
    }

    public function standing(): Standing
    {
        return match (true) {
            ! $this->likelihood->isEnough => Standing::Short,
            $this->likelihood->isSure => Standing::Meets,
            default => Standing::Warns,
        };
    }
}
