<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Quantity\Sentence;

/** One step of an answer to “why?”: a formula, with the figures put in, and what it rests on. */
final readonly class WhyLine
{
    /**
     * @param  string  $figure  what is worked out
     * @param  string  $formula  in letters
     * @param  Sentence  $filled  with the figures put in, and the result
     * @param  string  $from  `measured`, `rated`, `typical`, `assumed`: the least certain of them; empty where it is exact
     * @param  string  $source  of the formula, or of the figures
     */
    public function __construct(public string $figure, public string $formula, public Sentence $filled, public string $from, public string $source)
    {
    }

    public static function explained(Explanation $row): self
    {
        return new self(ucfirst($row->figure), $row->formula->letters, Sentence::of('%s', $row->text()), $row->from->value, $row->source);
    }
}
