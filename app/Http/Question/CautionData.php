<?php

namespace App\Http\Question;

use Jornel\Core\Caution\Caution;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Caution')]
final readonly class CautionData
{
    private function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $title,
        #[OA\Property] public string $text,
    ) {
    }

    public static function of(Caution $caution): self
    {
        return new self($caution->id, $caution->title, $caution->text);
    }
}
