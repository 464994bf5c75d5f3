<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** What a column of a log holds. */
enum ColumnKind: string
{
    case Time = 'time';
    case Date = 'date';
    case Pm1 = 'pm1';
    case Pm25 = 'pm25';
    case Pm10 = 'pm10';
    case Count = 'count';
    case Vapour = 'vapour';
    case Sensor = 'sensor';
    case Other = 'other';

    /** Headings of each kind, the surest first; letters small, without blanks, dots, underscores and brackets. */
    private const HEADINGS = [
        'pm25' => '/pm2[.,]?5|pm02|^p2$|feinstaub2/u',
        'pm10' => '/pm10|^p1$/u',
        'pm1' => '/pm1(?!0)|pm01/u',
        'vapour' => '/voc|vapou?r|formaldehyd|hcho|benzen/u',
        'count' => '/count|particles|partikel|^[>≥]?0[.,][35]|0[.,]?[35](um|µm)|#\/|pm0[.,]?3/u',
        'date' => '/^(date|datum|day|tag|jour|fecha|dato)$/u',
        'time' => '/time|date|stamp|zeit|datum|uhr|heure|hora|epoch|unix|elapsed|^t$|^(min|minutes?|sec|seconds?|s|h|hours?)$|created|tid$/u',
        'sensor' => '/sensor|device|serial|^id$|node|location|channel|gerät|name$|mac$/u',
    ];

    public static function ofHeading(string $heading): self
    {
        $plain = (string) preg_replace('/[\s_()\[\]"\'-]+/u', '', mb_strtolower($heading));
        foreach (self::HEADINGS as $kind => $pattern) {
            if (preg_match($pattern, $plain) === 1) {
                return self::from($kind);
            }
        }

        return self::Other;
    }

    /** Whether it holds readings. */
    public function isReading(): bool
    {
        return in_array($this, [self::Pm1, self::Pm25, self::Pm10, self::Count, self::Vapour], true);
    }

    /**
     * Micrograms per cubic metre in one of what a heading names; 1 for counts and for what is in no such unit.
     */
    public static function factorOf(string $heading): float
    {
        return preg_match('~\bmg\s*/\s*m~iu', $heading) === 1 ? 1000.0 : 1.0;
    }
}
