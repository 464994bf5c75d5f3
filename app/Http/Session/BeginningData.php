<?php

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Beginning', description: 'Ways in for whoever is not signed in')]
final readonly class BeginningData
{
    public function __construct(
        #[OA\Property(description: 'Nobody is here yet: the first programme is to be set up')] public bool $is_empty,
        #[OA\Property(description: 'There is a made-up programme to look round in')] public bool $demo,
        #[OA\Property(description: 'A programme may be begun')] public bool $registration,
        #[OA\Property(description: 'Mail is set up: a forgotten password is set by a link that is sent')] public bool $mail,
    ) {
    }
}
