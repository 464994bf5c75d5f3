<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** A column of a log. */
final readonly class LogColumn
{
    /**
     * @param  int  $place  from 0
     * @param  string  $name  its heading, or its number where it has none
     * @param  float  $factor  on its numbers, to µg/m3
     * @param  float  $numeric  share of the lines looked at in which it is a number
     * @param  int  $different  values among those
     * @param  non-empty-list<string>  $sample
     */
    public function __construct(public int $place, public string $name, public ColumnKind $kind, public float $factor, public float $numeric, public int $different, public array $sample)
    {
    }
}
