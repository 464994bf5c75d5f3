<?php

namespace App\Http\Build;

use App\Http\Question\LedgerData;
use App\Http\Shared\RoomEntriesData;
use App\Models\Version;
use Jornel\Core\Ledger\Ledger;
use LogicException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedVersion', description: 'A version with the room and the figures it was computed with')]
final readonly class SavedVersionData
{
    /** @param  list<string>  $newer */
    private function __construct(
        #[OA\Property] public VersionData $version,
        #[OA\Property] public RoomEntriesData $room,
        #[OA\Property] public string $goal,
        #[OA\Property] public LedgerData $ledger,
        #[OA\Property] public SheetData $sheet,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'Names of parts for which the catalogue has other figures today')] public array $newer,
    ) {
    }

    /** @param  list<string>  $newer */
    public static function of(Version $version, Ledger $ledger, array $newer): self
    {
        return new self(VersionData::of($version), RoomEntriesData::of($version->room['entries']), $version->room['goal'], LedgerData::of($ledger), SheetData::of($ledger->sheet() ?? throw new LogicException('A version has a unit.')), $newer);
    }
}
