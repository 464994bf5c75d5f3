<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Ledger\Placement;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Room\Room;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Beside', description: 'Some purifiers alike that stand in the room besides')]
final readonly class BesideData
{
    /** @param  list<string>  $speeds */
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public int $count,
        #[OA\Property(nullable: true, description: 'Of a design’s fan')] public ?string $speed,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'That its fan has; none for what was bought')] public array $speeds,
        #[OA\Property(description: 'Of all of them, for the room’s pollutant')] public Shown $clean_air,
        #[OA\Property(nullable: true, description: 'Of one at 1 m; null where it is not known')] public ?Shown $level,
        #[OA\Property(description: 'Of all of them')] public Shown $watts,
    ) {
    }

    public static function of(Placement $placement, Room $room): self
    {
        return new self(
            $placement->name, $placement->count, $placement->speed,
            array_map(fn (FanSpeed $speed): string => $speed->name, $placement->design?->speeds() ?? []),
            Shown::of(Display::Flow, $placement->cleanAir($room->pollutant)),
            is_nan($placement->level) ? null : Shown::of(Display::Level, $placement->level),
            Shown::of(Display::Power, $placement->power()),
        );
    }
}
