<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;

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
        return new self(Texts::title($row->figure), $row->formula->letters, Sentence::plain($row->text()), $row->from->value, $row->source);
    }

    /**
     * With the texts of its key in `core/texts`: what is worked out, `.formula` and `.source`.
     *
     * @param  string  $formula  ending of the formula's key, where there are several
     * @param  string  $source  ending of the source's key
     * @param  string|int  ...$gaps  of what is worked out and of the source, by name
     */
    public static function told(string $key, Sentence $filled, string $from = '', string $formula = 'formula', string $source = 'source', string|int ...$gaps): self
    {
        $texts = Texts::of('why');

        return new self($texts->tell($key, ...$gaps), $texts->text("{$key}.{$formula}"), $filled, $from, $texts->tell("{$key}.{$source}", ...$gaps));
    }
}
