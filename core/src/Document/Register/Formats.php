<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Register;

use Jornel\Core\Document\Schema\FileForms;
use Jornel\Core\Document\Schema\Shared;

/** Every open format, by name, as JSON Schema. */
final class Formats
{
    private const DIALECT = 'https://json-schema.org/draft/2020-12/schema';

    /** @return list<string> */
    public static function names(): array
    {
        return [...Documents::kinds(), ...array_keys(FileForms::all())];
    }

    /** @return array<string, mixed>|null null for one that is not known */
    public static function schema(string $name): ?array
    {
        $form = Documents::form($name) ?? FileForms::all()[$name] ?? null;

        return $form === null ? null : ['$schema' => self::DIALECT, 'title' => "Jornel: {$name}"] + Shared::inOnePlace($form->schema());
    }
}
