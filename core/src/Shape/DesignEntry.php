<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Invalid;
use Jornel\Core\InvalidEntries;
use Jornel\Core\Part\Catalogue;

/** A unit as it was chosen, by the ids of shape and parts. */
final readonly class DesignEntry
{
    public const MOST_UNITS = 24;

    private function __construct(public Design $design, public int $units, public ?string $speed) {}

    /**
     * @param  array<string, mixed>  $fields  shape, fan, filter, joining, corners, units, speed
     *
     * @throws InvalidEntries with every choice that is at fault
     */
    public static function read(array $fields, Catalogue $catalogue): self
    {
        $faults = [];
        $try = function (callable $read) use (&$faults): mixed {
            try {
                return $read();
            } catch (Invalid $fault) {
                $faults[] = $fault;

                return null;
            }
        };
        $text = fn (string $field): string => is_string($fields[$field] ?? null) ? $fields[$field] : '';
        $shape = $try(fn (): Shape => Shapes::get($text('shape')));
        $fan = $try(fn () => $catalogue->fan($text('fan')));
        $filter = $try(fn () => $catalogue->filter($text('filter')));
        $joining = $try(fn () => $catalogue->joining($text('joining')));
        $corners = $try(fn (): Corners => Corners::tryFrom($text('corners')) ?? throw UnknownShape::corners($text('corners')));
        $units = $try(fn (): int => self::units($fields['units'] ?? 1));
        if ($faults !== []) {
            throw InvalidEntries::of($faults);
        }
        $speed = $text('speed');

        return new self(new Design($shape, $fan, $filter, $joining, $corners), $units, $speed === '' ? null : $speed);
    }

    private static function units(mixed $value): int
    {
        return is_int($value) && $value >= 1 && $value <= self::MOST_UNITS ? $value : throw UnknownShape::units(self::MOST_UNITS);
    }
}
