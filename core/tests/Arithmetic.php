<?php

declare(strict_types=1);

namespace Jornel\Core\Tests;

use Jornel\Core\Numeric\Normal;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;

/** Does a printed formula again from its own printed numbers. */
final class Arithmetic
{
    /** Units that may stand behind a number. */
    private const UNITS = '(m³\/h|m3\/s|kg\/m³|kg\/m3|µg\/m³|ft³|m³|ft²|in²|cm²|m²|m2|m\/s|inWC|cfm|fpm|dBA|kWh|Pa|W|min|m|s|\/h|h)';

    /**
     * What stands before the last equals sign, done again, and what stands behind it.
     *
     * @return array{float, float}|null null where there is none
     */
    public static function both(string $printed): ?array
    {
        $at = strrpos($printed, ' = ');

        return $at === false ? null : [self::of((string) preg_replace('/^\d+ needed[^,]*(, \d+ from stock)?, /', '', substr($printed, 0, $at))), self::of(explode(', at ', substr($printed, $at + 3))[0])];
    }

    /** @param  string  $printed  such as `4 × 0.5 / sqrt(2 × 16.8 Pa / 1.2) + 8²` */
    public static function of(string $printed): float
    {
        $expression = preg_replace(['/(?<=\d),(?=\d{3})/', '/(?<=[\d)]) ?'.self::UNITS.'(?![\w(])/u'], '', $printed);
        $expression = strtr((string) $expression, ['×' => '*', '²' => '**2', '^' => '**', '−' => '-', 'π' => (string) M_PI]);
        // A percentage is a hundredth.
        $expression = (string) preg_replace('/([\d.]+) ?%/', '($1/100)', $expression);
        $language = new ExpressionLanguage;
        foreach (['sqrt' => sqrt(...), 'exp' => exp(...), 'log10' => log10(...), 'ln' => log(...), 'Phi' => Normal::below(...), 'min' => min(...), 'max' => max(...)] as $name => $function) {
            $language->register($name, fn (): string => '', fn (array $values, float|int ...$arguments): float => (float) $function(...$arguments));
        }

        return (float) $language->evaluate($expression);
    }
}
