<?php

namespace App\Formats;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Document\Register\Formats;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** An open format under `formats/`: its JSON Schema, and whether a document keeps to it. */
final readonly class Format
{
    /** Keys that are named one by one in an error. */
    private const HANDFUL = 4;

    private function __construct(private string $name)
    {
    }

    /** @throws UnknownFormat */
    public static function named(string $name): self
    {
        return in_array($name, Formats::names(), true) ? new self($name) : throw UnknownFormat::named($name, Formats::names());
    }

    public function schema(): string
    {
        return json_encode(Formats::schema($this->name), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * The format that a document says it is in, or that of a unit where it says nothing.
     *
     * @param  list<string>|null  $kinds  that are meant; all where not given
     *
     * @throws NotInFormat when it is none of those
     */
    public static function of(string $json, ?array $kinds = null): self
    {
        $kinds ??= Documents::kinds();
        $document = json_decode($json, false, 64);
        $kind = $document instanceof stdClass ? $document->kind ?? Documents::USUAL : Documents::USUAL;

        return is_string($kind) && in_array($kind, $kinds, true)
            ? new self($kind)
            : throw NotInFormat::of(['kind' => 'Choose one of: '.implode(', ', $kinds).'.']);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NotInFormat with every path that is at fault
     */
    public function read(string $json): array
    {
        $document = json_decode($json, false, 64);
        if (! $document instanceof stdClass) {
            throw NotInFormat::of(['' => json_last_error() === JSON_ERROR_NONE ? 'This is no object.' : 'This is not JSON: '.json_last_error_msg().'.']);
        }
        $error = (new Validator)->setMaxErrors(20)->validate($document, $this->written())->error();
        if ($error !== null) {
            throw NotInFormat::of(self::faults($error));
        }
        /** @var array<string, mixed> $data */
        $data = json_decode($json, true, 64);

        return $data;
    }

    /** As it stands in `formats/`, which takes less time than to put it together; a test holds that both are the same. */
    private function written(): string
    {
        $written = @file_get_contents(dirname(__DIR__, 2)."/formats/{$this->name}.schema.json");

        return $written === false ? $this->schema() : $written;
    }

    /** @return array<string, string> by path */
    private static function faults(ValidationError $error): array
    {
        $faults = [];
        foreach (self::leaves($error) as $leaf) {
            $path = implode('.', $leaf->data()->fullPath());
            $properties = $leaf->args()['properties'] ?? null;
            if ($leaf->keyword() === 'additionalProperties' && is_array($properties)) {
                foreach ($properties as $property) {
                    $faults[ltrim("{$path}.{$property}", '.')] = 'This key is not known here.';
                }

                continue;
            }
            $faults[$path] ??= self::said($leaf);
        }

        return $faults;
    }

    private static function said(ValidationError $error): string
    {
        $args = $error->args();
        $list = fn (string $key): string => implode(', ', array_filter((array) ($args[$key] ?? []), is_string(...)));

        return match ($error->keyword()) {
            'required' => 'Missing: '.$list('missing').'.',
            'oneOf' => 'Exactly one of the ways to give this is needed, in one unit.',
            'anyOf' => self::missingOneOf($error),
            'not' => 'The same is given more than once, in different units or ways.',
            'exclusiveMinimum', 'minimum' => sprintf('Too small: it must be %s %s.', $error->keyword() === 'minimum' ? 'at least' : 'above', json_encode($args['min'] ?? 0)),
            'maxItems' => sprintf('Too many: at most %s.', json_encode($args['max'] ?? 0)),
            'maximum' => sprintf('Too large: at most %s.', json_encode($args['max'] ?? 0)),
            'type' => 'Of the wrong kind: '.json_encode($args['expected'] ?? '').' is expected.',
            'enum' => sprintf('Choose one of: %s.', implode(', ', array_filter((array) ($error->schema()->info()->data()->enum ?? []), is_string(...)))),
            default => 'Not allowed ('.$error->keyword().').',
        };
    }

    /** Names what would do where that is a handful of keys; a quantity with all its units is more. */
    private static function missingOneOf(ValidationError $error): string
    {
        $keys = [];
        $below = [$error];
        while (($one = array_pop($below)) !== null) {
            array_push($below, ...array_values($one->subErrors()));
            $missing = $one->keyword() === 'required' ? $one->args()['missing'] ?? [] : [];
            array_push($keys, ...array_filter((array) $missing, is_string(...)));
        }
        $keys = array_values(array_unique($keys));
        sort($keys);

        return $keys === [] || count($keys) > self::HANDFUL ? 'None of the ways to give this is complete.' : 'Missing: one of '.implode(', ', $keys).'.';
    }

    /** @return list<ValidationError> */
    private static function leaves(ValidationError $error): array
    {
        // A choice between ways to give a value is told as such, unless one of them got further than its keys.
        $below = $error->subErrors();
        if ($below === []) {
            return [$error];
        }
        $leaves = array_merge(...array_map(self::leaves(...), array_values($below)));
        if (! in_array($error->keyword(), ['oneOf', 'anyOf'], true)) {
            return $leaves;
        }
        $depth = count($error->data()->fullPath());
        $deeper = array_values(array_filter($leaves, fn (ValidationError $leaf): bool => count($leaf->data()->fullPath()) > $depth));

        return $deeper === [] ? [$error] : $deeper;
    }
}
