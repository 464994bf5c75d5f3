<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Ledger\RoomResult;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Standing', description: 'What all that stands in a room comes to')]
final readonly class StandingData
{
    private function __construct(
        #[OA\Property(description: 'Of all kinds')] public int $purifiers,
        #[OA\Property(description: 'Clean air of the kind that the goal judges, with what the building gives')] public Shown $gets,
        #[OA\Property(description: 'To reach the goal, 0 to 1')] public float $chance,
        #[OA\Property(enum: ['reaches', 'probably', 'probably-not', 'falls-short'], description: 'What that chance amounts to')] public string $likelihood,
        #[OA\Property(description: 'The same in words')] public string $verdict,
        #[OA\Property(description: 'The chance in words', example: '82 %')] public Shown $chance_text,
        #[OA\Property(description: 'Whether the goal counts as reached')] public bool $is_enough,
    ) {
    }

    public static function of(RoomResult $result): self
    {
        return new self(
            $result->purifiers, Shown::of(Display::Flow, $result->gets), round($result->chance, 4), $result->likelihood->id, $result->likelihood->name,
            Shown::of(Display::Chance, $result->chance), $result->likelihood->isEnough,
        );
    }
}
