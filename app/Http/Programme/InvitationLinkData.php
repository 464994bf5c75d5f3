<?php

namespace App\Http\Programme;

use App\Models\Invitation;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'InvitationLink', description: 'An invitation that was just made; its link is told only now')]
final readonly class InvitationLinkData
{
    private function __construct(
        #[OA\Property(description: 'From the root of the site')] public string $path,
        #[OA\Property(enum: ['organiser', 'builder', 'reader'])] public string $role,
        #[OA\Property(description: 'ISO 8601')] public string $expires,
    ) {
    }

    public static function of(Invitation $invitation, string $token): self
    {
        return new self("/invitations/{$token}", $invitation->role->value, $invitation->expires_at->toIso8601String());
    }
}
