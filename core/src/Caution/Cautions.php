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
                isset($when->data()['all']) ? $when->texts('all') : [],
                isset($when->data()['any']) ? $when->texts('any') : [],
                isset($when->data()['none']) ? $when->texts('none') : [],
            );
        }, $rows));
    }

    /** @return list<Caution> */
    public function for(Facts $facts): array
    {
        return array_values(array_filter($this->all, fn (Caution $caution): bool => $caution->applies($facts)));
    }
}
