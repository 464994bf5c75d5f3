<?php

namespace App\Http\Programme;

use App\Actions\Passwords;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PasswordLink', description: 'A link to set another password, told only now')]
final readonly class PasswordLinkData
{
    private function __construct(
        #[OA\Property(description: 'From the root of the site')] public string $path,
        #[OA\Property(description: 'How long it can be used')] public int $minutes,
    ) {
    }

    public static function of(string $path): self
    {
        return new self($path, Passwords::minutes());
    }
}
