<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Invalid;

final class BadRecord extends Invalid
{
    public static function missing(string $path): self
    {
        return new self($path, 'This is missing or of the wrong kind.');
    }

    public static function notANumber(string $path): self
    {
        return new self($path, 'This is not a number.');
    }

    public static function notAFact(string $path, string $key): self
    {
        return new self($path, "“{$key}” is no fact that a caution may depend on.");
    }

    public static function notAPrice(string $path): self
    {
        return new self($path, 'A price is a number with two decimals at most.');
    }

    public static function tooSmall(string $path, float $value, float $above): self
    {
        return new self($path, sprintf('%g is too small: it must be above %g.', $value, $above));
    }

    public static function beyondMeasure(string $path): self
    {
        return new self($path, 'This is nothing that is met with in a room: it is too large or too small.');
    }

    public static function tooMany(string $path, int $most): self
    {
        return new self($path, sprintf('With this they are too many: %s at most.', number_format($most)));
    }

    public static function unknownProvenance(string $path): self
    {
        return new self($path, 'Its provenance is none of measured, rated, typical or assumed.');
    }

    public static function notAShare(string $path, float $value): self
    {
        return new self($path, sprintf('%g is no share: it must be from 0 to 1.', $value));
    }

    public static function weights(string $path): self
    {
        return new self($path, 'Three weights are needed, one for each bin, that are 1 in all.');
    }

    /** @param  list<int|string>  $known */
    public static function unknownName(string $path, string $name, array $known): self
    {
        return new self($path, sprintf('There is no “%s” here; there are: %s.', mb_strimwidth($name, 0, 40, '…'), implode(', ', $known)));
    }

    public static function notACurve(string $path, string $why): self
    {
        return new self($path, "This is no fan curve: {$why}.");
    }

    /** @param  list<int|string>  $known */
    public static function unknownChoice(string $path, array $known): self
    {
        return new self($path, 'Choose one of: '.implode(', ', $known).'.');
    }

    public static function holdsFlow(string $path): self
    {
        return new self($path, 'Only an EC motor can hold its flow.');
    }

    public static function unknownGrade(string $path, string $grade): self
    {
        return new self($path, "The grade “{$grade}” is not in the grade table.");
    }
}
