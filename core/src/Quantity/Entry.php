<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/**
 * Reads what a person typed: `27' 6"`, `27.5 ft`, `8.4 m`, `8,4 m`, `19 1/2`, `495mm`, `1,200 cfm`, `0.05 inwc`.
 *
 * A comma before exactly three digits may group thousands or start the decimals. Flows in cfm, m³/h and l/s are commonly
 * written with grouped thousands, and so are altitudes: there it does; elsewhere the reading in range is taken, and a length is asked back
 * with both.
 */
final readonly class Entry
{
    private const NUMBER = '(?:\d+(?:[.,]\d+)*|[.,]\d+)';

    /** Units of flows, which run into thousands: there a comma before three digits always groups them. */
    private const GROUPED = [UnitOfMeasure::CubicFootPerMinute, UnitOfMeasure::CubicMetrePerHour, UnitOfMeasure::LitrePerSecond];

    private const FRACTION_SIGNS = ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8'];

    /**
     * @param  string  $field  path to name in an error
     * @param  string  $what  what is entered, in words, for the error: `A ceiling`
     * @param  UnitOfMeasure  $bare  the unit of a number without one
     * @param  float  $least  smallest value allowed, SI
     * @param  float  $most  largest value allowed, SI
     */
    public function __construct(
        private string $field,
        private string $what,
        private UnitOfMeasure $bare,
        private Display $display,
        private float $least,
        private float $most,
        private System $system,
    ) {
    }

    /**
     * @return float the value in SI units, within the range
     *
     * @throws UnreadableEntry with the field, the reason and what is allowed
     */
    public function read(string $text): float
    {
        $clean = mb_strtolower(trim(strtr($text, self::FRACTION_SIGNS)));
        $clean = $this->raised((string) preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', $clean));
        if ($clean === '') {
            throw UnreadableEntry::empty($this->field, $this->example());
        }

        $readings = $this->readings($clean, $text);
        $allowed = array_values(array_filter($readings, fn (float $si): bool => $this->allows($si)));
        if (count($readings) > 1) {
            $asks = $this->bare->dimension() === Dimension::Length ? $readings : $allowed;
            if (count($asks) > 1) {
                throw UnreadableEntry::ambiguousComma($this->field, trim($text), array_map($this->inGivenUnit($clean), $asks));
            }
        }
        if ($allowed === []) {
            throw UnreadableEntry::outOfRange($this->field, $this->what, $this->shown($readings[0]), $this->shown($this->least), $this->shown($this->most));
        }

        return $allowed[0];
    }

    /** What was written, with a unit if it had none, so that it means the same in either measure. */
    public static function withUnit(string $text, UnitOfMeasure $bare): string
    {
        $text = trim($text);

        return preg_match('/[\d½¼¾⅛⅜⅝⅞]$/u', $text) === 1 && preg_match('/\p{L}|[\'"′″’”%°]/u', $text) !== 1 ? $text.' '.$bare->symbol() : $text;
    }

    /**
     * Every way to read the text, SI.
     *
     * @return non-empty-list<float>
     */
    private function readings(string $clean, string $text): array
    {
        $pieces = $this->pieces($clean, $text);
        $decimal = $this->total($pieces, fn (string $number): float => $this->comma($number, '.'));
        if (preg_match('/(?<![\d.,])[1-9]\d{0,2},\d{3}(?![\d.,])/', $clean) !== 1) {
            return [$decimal];
        }

        $grouped = $this->total($pieces, fn (string $number): float => $this->comma($number, ''));
        $isCommonlyGrouped = $this->display === Display::Altitude || array_filter($pieces, fn (array $piece): bool => ! in_array($piece[3], self::GROUPED, true)) === [];

        return $isCommonlyGrouped ? [$grouped] : [$decimal, $grouped];
    }

    /** `m3/h` and `in2` as `m³/h` and `in²`, `h2o` as `wc`; not in lengths, where `8m2` is eight metres and two. */
    private function raised(string $clean): string
    {
        return $this->bare->dimension() === Dimension::Length ? $clean : (string) preg_replace(
            ['/(?<=[a-z])2(?=$|[\s\/])/', '/(?<=[a-z])3(?=$|[\s\/])/', '/(?<=in|mm)h2o$/'],
            ['²', '³', 'wc'],
            $clean,
        );
    }

    /**
     * Number and unit, one or several times, the units getting smaller: `27 ft 6 1/2 in`.
     *
     * @return non-empty-list<array{string, string|null, string|null, UnitOfMeasure}> number, fraction above, fraction below, unit
     */
    private function pieces(string $clean, string $text): array
    {
        $number = self::NUMBER;
        $pattern = "~\\G\\s*(?:($number)(?:[ -](\\d+)/(\\d+))?|(\\d+)/(\\d+))\\s*([^\\d\\s.,/-][^\\d,]*?|''|)\\s*(?=$|[\\d.,])~u";
        $offset = 0;
        $found = [];
        while ($offset < strlen($clean)) {
            if (preg_match($pattern, $clean, $match, PREG_UNMATCHED_AS_NULL, $offset) !== 1) {
                throw str_starts_with($clean, '-')
                    ? UnreadableEntry::outOfRange($this->field, $this->what, trim($text), $this->shown($this->least), $this->shown($this->most))
                    : UnreadableEntry::notANumber($this->field, $text, $this->example());
            }
            $offset += strlen($match[0]);
            [, $whole, $above, $below, $onlyAbove, $onlyBelow, $unit] = $match;
            $below ??= $onlyBelow;
            if ($below !== null && (int) $below === 0) {
                throw UnreadableEntry::notANumber($this->field, $text, $this->example());
            }
            $unit = $this->unit(trim((string) $unit), $found);
            if ($found !== [] && $unit->factor() >= end($found)[3]->factor()) {
                throw UnreadableEntry::notANumber($this->field, $text, $this->example());
            }
            $found[] = [$whole ?? '0', $above ?? $onlyAbove, $below, $unit];
        }
        if ($found === []) {
            throw UnreadableEntry::notANumber($this->field, $text, $this->example());
        }

        return $found;
    }

    /** @param  list<array{string, string|null, string|null, UnitOfMeasure}>  $before */
    private function unit(string $spelling, array $before): UnitOfMeasure
    {
        if ($spelling === '') {
            // `27' 6` means six inches, `8 m 40` forty centimetres: the next unit down.
            return match ($before === [] ? null : end($before)[3]) {
                UnitOfMeasure::Foot => UnitOfMeasure::Inch,
                UnitOfMeasure::Metre => UnitOfMeasure::Centimetre,
                default => $this->bare,
            };
        }

        return UnitOfMeasure::spelled($spelling, $this->bare->dimension())
            ?? throw UnreadableEntry::unknownUnit($this->field, $spelling, $this->example());
    }

    /**
     * @param  non-empty-list<array{string, string|null, string|null, UnitOfMeasure}>  $pieces
     * @param  callable(string): float  $value
     */
    private function total(array $pieces, callable $value): float
    {
        $sum = 0.0;
        foreach ($pieces as [$number, $above, $below, $unit]) {
            $sum += $unit->toSi($value($number) + ($below === null ? 0.0 : (float) $above / (float) $below));
        }

        return $sum;
    }

    private function comma(string $number, string $instead): float
    {
        // More than one separator of a kind, or a comma before a point: the commas group thousands.
        $groups = substr_count($number, ',') > 1 || preg_match('/,.*\./', $number) === 1;

        return (float) str_replace(',', $groups ? '' : $instead, $number);
    }

    private function allows(float $si): bool
    {
        return is_finite($si) && $si >= $this->least * (1.0 - 1e-9) && $si <= $this->most * (1.0 + 1e-9);
    }

    /** @return callable(float): string */
    private function inGivenUnit(string $clean): callable
    {
        $unit = preg_match('/[a-z\'"′″]+\.?$/u', $clean, $match) === 1 ? (UnitOfMeasure::spelled($match[0], $this->bare->dimension()) ?? $this->bare) : $this->bare;

        return fn (float $si): string => rtrim(rtrim(sprintf('%.4f', $unit->fromSi($si)), '0'), '.').' '.$unit->spellings()[0];
    }

    private function shown(float $si): string
    {
        return $this->display->text($si, $this->system);
    }

    private function example(): string
    {
        return match ($this->bare->dimension()) {
            Dimension::Length => '27′ 6″, 27.5 ft or 8.4 m',
            Dimension::Flow => '1,200 cfm or 2000 m³/h',
            Dimension::Pressure => '0.05 inwc or 12 Pa',
            Dimension::Level => '45 dBA',
            Dimension::Temperature => '68 °F or 20 °C',
            Dimension::Share => '65 %',
            Dimension::Area => '45 in² or 290 cm²',
            default => '12 '.$this->bare->spellings()[0],
        };
    }
}
