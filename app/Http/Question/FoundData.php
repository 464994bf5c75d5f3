<?php

namespace App\Http\Question;

use App\Http\Shared\ChoicesData;
use App\Http\Shared\Shown;
use Jornel\Core\Finder\Axis;
use Jornel\Core\Finder\Found;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Money;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Found', description: 'A build that reaches the goal, at one speed')]
final readonly class FoundData
{
    /** @param  array<string, float>  $places */
    private function __construct(
        #[OA\Property(description: 'The same for the same build in any answer')] public string $code,
        #[OA\Property] public ChoicesData $choices,
        #[OA\Property(example: '2 × Cube of four')] public string $title,
        #[OA\Property(example: 'Box fan on 3, 4 × 20 × 20 grade 13, duct tape')] public string $parts,
        #[OA\Property(description: 'Of the goal, 1 where it is just reached')] public float $share,
        #[OA\Property] public Shown $output,
        #[OA\Property(description: 'To reach the goal')] public Shown $chance,
        #[OA\Property] public Shown $level,
        #[OA\Property] public string $first_cost,
        #[OA\Property] public string $total_cost,
        #[OA\Property] public string $running_cost,
        #[OA\Property(nullable: true, description: 'How long its filters last, which the total cost counts; null where they are never changed', example: '9 months')] public ?string $filters_last,
        #[OA\Property(description: 'How it stands: by itself, or by what is built or tied to it', example: 'on feet')] public string $stands,
        #[OA\Property] public Shown $footprint,
        #[OA\Property] public Shown $height,
        #[OA\Property] public Shown $power,
        #[OA\Property] public Shown $minutes,
        #[OA\Property(type: 'object', description: 'Along each axis, the best at 1', additionalProperties: new OA\AdditionalProperties(type: 'number'))] public array $places,
    ) {
    }

    /** @param  array<string, callable(float): float>  $places  by axis */
    public static function of(Found $found, array $places): self
    {
        $design = $found->design;
        $measures = $found->measures;

        return new self(
            $found->code,
            ChoicesData::of([
                'shape' => $design->shape->id(), 'fan' => $design->fan->id, 'filter' => $design->filter->id, 'joining' => $design->joining->id, 'corners' => $design->corners->value,
                'units' => $found->units, 'speed' => $found->speedName(), 'prefilter' => $design->prefilter->id ?? '', 'options' => $design->options,
            ]),
            $found->name(),
            $found->parts(),
            round($found->share, 4),
            Shown::of(Display::Share, $found->share),
            Shown::of(Display::Chance, $found->chance()),
            Shown::of(Display::Level, $measures->level),
            (string) Money::ofHundredths($measures->firstCost), (string) Money::ofHundredths($measures->totalCost()), (string) Money::ofHundredths($measures->running),
            FilterLife::told($found->lastsMonths),
            $design->stand()->told(),
            Shown::of(Display::Area, $measures->footprint),
            Shown::of(Display::RoomLength, $measures->height),
            Shown::of(Display::Power, $measures->power),
            Shown::of(Display::Minutes, 60.0 * $measures->minutes),
            array_map(fn (Axis $axis): float => round($places[$axis->value]($axis->value($found)), 4), array_column(Axis::cases(), null, 'value')),
        );
    }
}
