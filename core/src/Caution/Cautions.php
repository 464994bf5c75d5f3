<?php

declare(strict_types=1);

namespace Jornel\Core\Caution;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** The register of cautions, from `data/reference/cautions.json`. */
final readonly class Cautions
{
    /** @param  list<Caution>  $all the gravest first */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws BadRecord
     */
    public static function fromRows(array $rows): self
    {
        return new self(array_map(function (array $row): Caution {
            $record = new Record($row);
            $when = $record->child('when');

            return new Caution(
                $record->text('id'),
                $record->text('title'),
                $record->text('text'),
                self::facts($when, 'all'),
                self::facts($when, 'any'),
                self::facts($when, 'none'),
            );
        }, $rows));
    }

    /**
     * @return list<string> keys
     *
     * @throws BadRecord
     */
    private static function facts(Record $when, string $key): array
    {
        $facts = isset($when->data()[$key]) ? $when->texts($key) : [];
        foreach ($facts as $place => $fact) {
            if (! Fact::isKey($fact)) {
                throw BadRecord::notAFact($when->path("{$key}.{$place}"), $fact);
            }
        }

        return $facts;
    }

    /** @return list<Caution> */
    public function for(Facts $facts): array
    {
        return array_values(array_filter($this->all, fn (Caution $caution): bool => $caution->applies($facts)));
    }
}
