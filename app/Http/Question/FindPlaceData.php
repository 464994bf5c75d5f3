<?php

namespace App\Http\Question;

use App\Finder\Waiting;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FindPlace', description: 'A place in the queue for the finder')]
final readonly class FindPlaceData
{
    private function __construct(#[OA\Property(description: 'Searches that come first')] public int $before)
    {
    }

    public static function of(Waiting $waiting): self
    {
        return new self($waiting->before);
    }
}
