<?php

namespace App\Http\Part;

use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\ShapeOption;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ShapeOptions', description: 'What about a shape may be made one way or another')]
final readonly class ShapeOptionsData
{
    /** @param  list<array{id: string, name: string, usual: string, choices: list<array{id: string, name: string}>}>  $options */
    private function __construct(
        #[OA\Property] public string $shape,
        #[OA\Property(enum: ['pull', 'push'])] public string $usual_direction,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['id', 'name', 'usual', 'choices'], properties: [
            new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'usual', type: 'string'),
            new OA\Property(property: 'choices', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name'], properties: [
                new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
            ])),
        ]))] public array $options,
    ) {
    }

    public static function of(Shape $shape): self
    {
        return new self($shape->id(), $shape->usualDirection()->value, array_map(fn (ShapeOption $option): array => [
            'id' => $option->id, 'name' => $option->name, 'usual' => $option->usual,
            'choices' => array_map(fn (int|string $id, string $name): array => ['id' => (string) $id, 'name' => $name], array_keys($option->choices), $option->choices),
        ], $shape->options()));
    }
}
