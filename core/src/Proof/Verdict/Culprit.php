<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Verdict;

use Jornel\Core\Proof\Fit\FitParameter;
use Jornel\Core\Proof\Fit\UnitFit;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;

/** Which figure of the catalogue the evidence most likely contradicts. */
final readonly class Culprit
{
    /** Prior deviations from which a figure is worth naming (assumed). */
    private const FAR = 0.6;

    private function __construct(public FitParameter $parameter, public Sentence $text)
    {
    }

    /** The figure that had to be moved farthest, in deviations of what was known before; null where all are about as they were. */
    public static function of(UnitFit $fit): ?self
    {
        $farthest = null;
        $most = self::FAR;
        foreach (FitParameter::cases() as $number => $parameter) {
            $off = abs($fit->ln[$number]) / $fit->prior[$number];
            if ($off > $most) {
                [$farthest, $most] = [$parameter, $off];
            }
        }
        if ($farthest === null) {
            return null;
        }
        $factor = $fit->factor($farthest)->value;

        return new self($farthest, Texts::of('proof')->say(
            "culprit.{$farthest->value}.".($factor < 1.0 ? 'less' : 'more'), share: [Display::Share, abs($factor - 1.0)], area: [Display::SmallArea, $fit->leakArea()->value],
        ));
    }
}
