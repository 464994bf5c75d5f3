<?php

namespace App\Http\Programme;

use App\Models\Programme;
use App\Models\Role;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Programme')]
final readonly class ProgrammeData
{
    /** @param  list<SiteData>  $sites */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $about,
        #[OA\Property] public string $currency,
        #[OA\Property(enum: ['organiser', 'builder', 'reader'], description: 'Of whoever asks; reader in one that is archived')] public string $role,
        #[OA\Property(description: 'It is looked at and not changed')] public bool $is_archived,
        #[OA\Property(description: 'Whether whoever asks can bring it back from the archive')] public bool $may_revive,
        #[OA\Property(items: new OA\Items(ref: SiteData::class))] public array $sites,
        #[OA\Property(description: 'To organisers, when the last backup is older than a day; empty when all is well')] public string $backup_missed,
    ) {
    }

    /** @param  list<SiteData>  $sites */
    public static function of(Programme $programme, Role $role, bool $mayRevive, array $sites, string $backupMissed): self
    {
        return new self($programme->id, $programme->name, $programme->about, $programme->currency, $role->value, $programme->archived_at !== null, $mayRevive, $sites, $backupMissed);
    }
}
