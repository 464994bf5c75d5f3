<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

use Jornel\Core\Quantity\Texts;

/** A run that is refused, with what it was and what would help. */
final readonly class RefusedRun
{
    /**
     * @param  float|null  $from  from when on it might be used, s; null where that is not known
     * @param  Exponential|null  $fit  what was fitted all the same, to be looked at
     * @param  Stretch|null  $stretch  that was looked at
     */
    private function __construct(public Refusal $code, public string $reason, public ?float $from = null, public ?Exponential $fit = null, public ?Stretch $stretch = null)
    {
    }

    public static function of(Refusal $code, ?Stretch $stretch = null, ?Exponential $fit = null, ?float $from = null, string|int ...$gaps): self
    {
        return new self($code, Texts::of('decay')->tell($code->value, ...$gaps), $from, $fit, $stretch);
    }
}
