<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

/** Puts what a schema says more than once in one place, under `$defs`. */
final class Shared
{
    /** Length of a piece, as JSON, from which it is worth a place of its own. */
    private const WORTH = 160;

    /** @var array<string, int> how often each piece stands in the whole, by its JSON */
    private array $count = [];

    /** @var array<string, string> name of each shared piece, by its JSON */
    private array $names = [];

    /** @var array<string, array<mixed>> */
    private array $definitions = [];

    private function __construct()
    {
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    public static function inOnePlace(array $schema): array
    {
        $shared = new self;
        $shared->take($schema);
        $whole = [];
        foreach ($schema as $key => $value) {
            $whole[$key] = is_array($value) ? $shared->replaced($value) : $value;
        }

        return $whole + ($shared->definitions === [] ? [] : ['$defs' => $shared->definitions]);
    }

    /** @param  array<mixed>  $piece */
    private function take(array $piece): void
    {
        if (self::isPiece($piece)) {
            $key = self::key($piece);
            $this->count[$key] = ($this->count[$key] ?? 0) + 1;
        }
        foreach ($piece as $part) {
            if (is_array($part)) {
                $this->take($part);
            }
        }
    }

    /**
     * @param  array<mixed>  $piece
     * @return array<mixed>
     */
    private function replaced(array $piece): array
    {
        $key = self::isPiece($piece) ? self::key($piece) : '';
        if ($key !== '' && strlen($key) >= self::WORTH && $this->count[$key] > 1) {
            return array_intersect_key($piece, ['description' => 1]) + ['$ref' => '#/$defs/'.$this->named($key, $piece)];
        }

        return $this->below($piece);
    }

    /** @param  array<mixed>  $piece */
    private function named(string $key, array $piece): string
    {
        if (! isset($this->names[$key])) {
            $name = $this->names[$key] = 'd'.(count($this->names) + 1);
            $this->definitions[$name] = [];
            $this->definitions[$name] = $this->below(array_diff_key($piece, ['description' => 1]));
        }

        return $this->names[$key];
    }

    /**
     * @param  array<mixed>  $piece
     * @return array<mixed>
     */
    private function below(array $piece): array
    {
        return array_map(fn (mixed $part): mixed => is_array($part) ? $this->replaced($part) : $part, $piece);
    }

    /** @param  array<mixed>  $piece */
    private static function isPiece(array $piece): bool
    {
        return isset($piece['type']) && (isset($piece['properties']) || isset($piece['items']));
    }

    /** @param  array<mixed>  $piece */
    private static function key(array $piece): string
    {
        return json_encode(array_diff_key($piece, ['description' => 1]), JSON_THROW_ON_ERROR);
    }
}
