<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Ledger\FlowScale;
use Jornel\Core\Ledger\TargetAsk;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Target', description: 'What one rule needs of a room')]
final readonly class TargetData
{
    private function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'What it rests on')] public string $source,
        #[OA\Property(description: 'Which clean air it judges')] public string $judges,
        #[OA\Property(description: 'Whether that is the room’s own')] public bool $judges_room,
        #[OA\Property(nullable: true, description: 'Clean air; null where it has nothing to say')] public ?Shown $asks,
        #[OA\Property(description: 'What must be told before it can ask anything')] public string $needs,
        #[OA\Property(description: 'Length of its bar, as a share of the longest')] public float $share,
        #[OA\Property(nullable: true, description: 'What the building itself gives of it; null for nothing')] public ?Shown $already,
        #[OA\Property(description: 'Of its bar, as a share of the longest')] public float $already_share,
        #[OA\Property(nullable: true, description: 'What is left for units')] public ?Shown $remains,
        #[OA\Property] public bool $is_goal,
        #[OA\Property(nullable: true, description: 'What the build gives of it')] public ?Shown $gets,
        #[OA\Property(nullable: true)] public ?bool $reached,
    ) {
    }

    public static function of(TargetAsk $ask, FlowScale $scale, string $goal): self
    {
        $remains = $ask->remains();

        return new self(
            $ask->target->id(), $ask->target->name(), $ask->target->source(), $ask->judges->name, $ask->judgesRoom,
            $ask->asks === null ? null : Shown::of(Display::Flow, $ask->asks),
            $ask->target->needs(),
            round($scale->place($ask->asks), 4),
            $ask->already() > 0.0 ? Shown::of(Display::Flow, $ask->already()) : null,
            round($scale->place($ask->already()), 4),
            $remains === null ? null : Shown::of(Display::Flow, $remains),
            $ask->target->id() === $goal,
            $ask->gets === null ? null : Shown::of(Display::Flow, $ask->gets),
            $ask->reached(),
        );
    }
}
