<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** What a fan must not be asked to bear, whichever door a design comes in by: bench, finder, evaluation, guide or kit. */
final class FanRules
{
    /**
     * The position of its shaft must be one that its bearings allow.
     *
     * @throws DoesNotFit
     */
    public static function check(Design $design): void
    {
        $position = $design->shape->shaft($design);
        if (! $design->fan->handling->allows($position)) {
            throw DoesNotFit::shaft($design->fan, $position);
        }
    }
}
