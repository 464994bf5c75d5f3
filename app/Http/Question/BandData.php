<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Airflow\Band;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Room\Target\GoalShare;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Band', description: '90 % range of a figure')]
final readonly class BandData
{
    private function __construct(
        #[OA\Property] public Shown $low,
        #[OA\Property] public Shown $high,
        #[OA\Property(description: 'The same as shares of the needed clean air')] public float $low_share,
        #[OA\Property] public float $high_share,
    ) {
    }

    public static function of(Band $band, float $asks): self
    {
        return new self(Shown::of(Display::Flow, $band->low), Shown::of(Display::Flow, $band->high), round(GoalShare::ofBar($band->low, $asks), 4), round(GoalShare::ofBar($band->high, $asks), 4));
    }
}
