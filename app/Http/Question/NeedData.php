<?php

namespace App\Http\Question;

use Closure;
use Jornel\Core\Room\Need\Need;
use Jornel\Core\Room\Need\NeedAnswer;
use Jornel\Core\Room\Need\NeedEntry;
use Jornel\Core\Room\Need\NeedQuestion;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Need', description: 'The questions about the need of a room, and what their answers come to')]
final readonly class NeedData
{
    private const NAMES = [
        'pollutant' => 'What is in the air', 'goal' => 'Goal', 'noise_limit' => 'Noise limit at 1 m', 'leakiness' => 'Leakiness', 'has_fuel_burning' => 'Fuel burns in it',
        'limits.height' => 'Height of a unit', 'limits.footprint' => 'Floor of all units', 'limits.power' => 'Power of all units',
    ];

    /**
     * @param  list<array<string, mixed>>  $questions
     * @param  list<array{field: string, name: string, value: string|bool, shown: string, why: string}>  $sets
     * @param  list<string>  $says
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['id', 'asks', 'many', 'answers'], properties: [
            new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'asks', type: 'string'), new OA\Property(property: 'many', type: 'boolean'),
            new OA\Property(property: 'answers', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name'], properties: [
                new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
            ])),
        ]))] public array $questions,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['field', 'name', 'value', 'shown', 'why'], properties: [
            new OA\Property(property: 'field', type: 'string'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'value', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'boolean')]),
            new OA\Property(property: 'shown', type: 'string'), new OA\Property(property: 'why', type: 'string'),
        ]))] public array $sets,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'What else is worth a word')] public array $says,
    ) {
    }

    /**
     * @param  array<string, list<string>>  $answers
     * @param  callable(string, string|bool): string  $shown  how the value of a field is written
     * @param  (Closure(string): (float|null))|null  $needed  clean air that the room needs by a rule, m3/s; null where no room is known
     */
    public static function of(Need $need, array $answers, callable $shown, ?Closure $needed = null): self
    {
        return new self(
            array_map(fn (NeedQuestion $question): array => [
                'id' => $question->id, 'asks' => $question->asks, 'many' => $question->isMany,
                'answers' => array_map(fn (NeedAnswer $answer): array => ['id' => $answer->id, 'name' => $answer->name], array_values($question->answers)),
            ], array_values($need->questions)),
            array_map(fn (NeedEntry $setting): array => [
                'field' => $setting->field, 'name' => self::NAMES[$setting->field] ?? $setting->field, 'value' => $setting->value,
                'shown' => $shown($setting->field, $setting->value), 'why' => $setting->by->why,
            ], array_values($need->settle($answers, $needed))),
            array_map(fn (NeedAnswer $answer): string => $answer->why, $need->said($answers)),
        );
    }
}
