<?php

namespace App\Exceptions;

use RuntimeException;

/** Someone else has changed a record since it was read: nothing is overwritten. */
final class Overtaken extends RuntimeException
{
    public static function room(): self
    {
        return new self('Someone changed this room meanwhile. Yours is still on your screen: reload to see theirs, then enter yours again.');
    }

    public static function cutPlan(): self
    {
        return new self('Someone laid the parts out otherwise meanwhile. Reload to see theirs, then make your change again.');
    }

    public static function unit(): self
    {
        return new self('Someone changed this unit meanwhile. Reload to see what they did, then make your change again.');
    }

    public static function day(): self
    {
        return new self('Someone changed this build day meanwhile. Reload to see what they did, then make your change again.');
    }

    public static function settings(): self
    {
        return new self('Someone changed these settings meanwhile. Yours are still on your screen: reload to see theirs, then enter yours again.');
    }

    public static function part(): self
    {
        return new self('Someone changed this part meanwhile. Yours is still on your screen: reload to see theirs, then enter yours again.');
    }

    public static function version(int $latest): self
    {
        return new self("Someone saved version {$latest} of this build meanwhile. Yours is still on your screen: save it as a build of its own, or open theirs.");
    }
}
