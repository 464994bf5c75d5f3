<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Guide\Work;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Measurements;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Form', description: 'What one unit is as a thing: size, weight, stand, work')]
final readonly class FormData
{
    /**
     * @param  list<string>  $tools
     * @param  list<string>  $skills
     */
    private function __construct(
        #[OA\Property(description: 'Width, depth and height')] public Shown $size,
        #[OA\Property] public Shown $footprint,
        #[OA\Property] public Shown $mass,
        #[OA\Property(description: 'What keeps it upright', example: 'on feet')] public string $stands,
        #[OA\Property(nullable: true, description: 'Angle at which it tips over; null for what does not stand')] public ?Shown $tipping,
        #[OA\Property(description: 'Of work')] public int $minutes,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $tools,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $skills,
    ) {
    }

    public static function of(Measurements $size, Design $design): self
    {
        $work = Work::of($design);
        $length = fn (float $metres): Shown => Shown::of(Display::PartLength, $metres);
        $sides = [$length($size->width), $length($size->depth), $length($size->height)];

        return new self(
            Shown::joined($sides, ' × '),
            Shown::of(Display::Area, $size->footprint),
            Shown::of(Display::Mass, $size->mass),
            $design->stand()->told(),
            $size->tipping === null ? null : Shown::of(Display::Angle, $size->tipping),
            (int) ceil($work->minutes), $work->tools(), $work->skills(),
        );
    }
}
