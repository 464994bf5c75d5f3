<?php

declare(strict_types=1);

namespace Jornel\Core\Tests;

use PHPUnit\Framework\Assert;

/**
 * Numbers of answers as they were recorded, to be compared after the code was rearranged: whole numbers to the last digit,
 * others to twelve, because a processor may round the thirteenth otherwise. `RECORD_ANSWERS=1` before a test run records them
 * anew, where figures are meant to change.
 */
final class Answers
{
    private const DIGITS = 1e-12;

    /** @param  array<array-key, mixed>  $answer  numbers at any depth; everything else is left out */
    public static function assertSame(string $file, array $answer): void
    {
        $numbers = self::numbers($answer);
        Assert::assertNotSame([], $numbers);
        if (getenv('RECORD_ANSWERS') !== false) {
            file_put_contents($file, json_encode($numbers, JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
        }
        $recorded = json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR);
        Assert::assertSame(array_keys($recorded), array_keys($numbers), basename($file));
        foreach ($recorded as $path => $number) {
            is_int($number)
                ? Assert::assertSame($number, $numbers[$path], "{$path} of ".basename($file))
                : Assert::assertEqualsWithDelta($number, $numbers[$path], self::DIGITS * abs($number), "{$path} of ".basename($file));
        }
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @return array<string, int|float> by path
     */
    private static function numbers(array $answer, string $path = ''): array
    {
        $numbers = [];
        foreach ($answer as $key => $value) {
            $numbers += match (true) {
                is_array($value) => self::numbers($value, "{$path}{$key}."),
                is_int($value), is_float($value) && is_finite($value) => ["{$path}{$key}" => $value],
                default => [],
            };
        }

        return $numbers;
    }
}
