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
     * @param  list<RateChange>  $changes  of its rate, where that is why
     */
    private function __construct(public Refusal $code, public string $reason, public ?float $from = null, public ?Exponential $fit = null, public ?Stretch $stretch = null, public array $changes = [])
    {
    }

    public static function of(Refusal $code, ?Stretch $stretch = null, ?Exponential $fit = null, ?float $from = null, string|int ...$gaps): self
    {
        return new self($code, Texts::of('decay')->tell($code->value, ...$gaps), $from, $fit, $stretch);
    }

    /** @param  non-empty-list<RateChange>  $changes */
    public static function changed(Stretch $stretch, Exponential $fit, array $changes): self
    {
        $minutes = implode(' and minute ', array_map(fn (RateChange $change): string => number_format($change->at / 60.0, 0), $changes));

        return new self(Refusal::Changed, Texts::of('decay')->tell(Refusal::Changed->value, minutes: $minutes), null, $fit, $stretch, $changes);
    }
}
