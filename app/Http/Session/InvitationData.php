<?php

namespace App\Http\Session;

use App\Models\Invitation;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Invitation', description: 'What a link invites to')]
final readonly class InvitationData
{
    private function __construct(
        #[OA\Property] public string $programme,
        #[OA\Property(description: 'In which role')] public string $role,
        #[OA\Property(description: 'What that may do')] public string $rights,
        #[OA\Property(description: 'Who has invited')] public string $by,
    ) {
    }

    public static function of(Invitation $invitation): self
    {
        return new self($invitation->programme->name, $invitation->role->label(), $invitation->role->rights(), $invitation->inviter->name);
    }
}
