<?php

namespace App\Http\Question;

use App\Http\Shared\ChoicesData;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Dispute;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Dispute', description: 'A question on which those who build disagree, as ways of making the same unit')]
final readonly class DisputeData
{
    /** @param  list<array{name: string, choices: ChoicesData}>  $sides */
    private function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $question,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'choices'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'choices', ref: ChoicesData::class),
        ]))] public array $sides,
    ) {
    }

    /** @param  int  $units  of each side */
    public static function of(Dispute $dispute, int $units): self
    {
        return new self($dispute->id, $dispute->question, array_map(fn (string $name, Design $design): array => [
            'name' => $name,
            'choices' => ChoicesData::of([
                'shape' => $design->shape->id(), 'fan' => $design->fan->id, 'filter' => $design->filter->id, 'joining' => $design->joining->id, 'corners' => $design->corners->value,
                'units' => $units, 'speed' => '', 'prefilter' => $design->prefilter->id ?? '', 'options' => $design->options,
                'direction' => $design->direction() === $design->shape->usualDirection() ? '' : $design->direction()->value,
            ]),
        ], array_keys($dispute->sides), array_values($dispute->sides)));
    }
}
