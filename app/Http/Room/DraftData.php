<?php

namespace App\Http\Room;

use App\Models\Draft;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(schema: 'Draft', description: 'What is on somebody’s screen for a room and not saved yet')]
final readonly class DraftData
{
    private function __construct(
        #[OA\Property(type: 'object', nullable: true, additionalProperties: true, description: 'As the screen keeps it; null for nothing')] public ?stdClass $work,
        #[OA\Property(nullable: true, description: 'ISO 8601')] public ?string $kept_at,
    ) {
    }

    public static function of(?Draft $draft): self
    {
        return new self($draft?->work, $draft?->updated_at->toIso8601String());
    }
}
