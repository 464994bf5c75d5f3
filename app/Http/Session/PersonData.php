<?php

namespace App\Http\Session;

use App\Models\Person;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Person')]
final readonly class PersonData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property(enum: ['imperial', 'metric'])] public string $measure,
        #[OA\Property(nullable: true, enum: ['light', 'dark'], description: 'null goes with the machine')] public ?string $colours,
    ) {
    }

    public static function of(Person $person): self
    {
        return new self($person->id, $person->name, $person->email, $person->measure->value, $person->colours);
    }
}
