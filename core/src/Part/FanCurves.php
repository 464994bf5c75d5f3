<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Reads a fan's curve from a record: its points where it has them, else its two figures. */
final class FanCurves
{
    /** Exponents of the two-figure form by type of fan (assumed). */
    private const EXPONENT = ['propeller' => 1.2, 'mixed-flow' => 2.0, 'centrifugal' => 2.0];

    /**
     * `curve`: points of flow and pressure; or `free_flow` and `shut_off`, with `exponent` or `type` (a propeller if
     * neither is given).
     *
     * @throws BadRecord
     */
    public static function read(Record $record): FanCurve
    {
        if (isset($record->data()['curve'])) {
            return PointCurve::through(array_map(
                fn (Record $point): array => [$point->figure('flow', -1e-12)->si, $point->figure('pressure', -1e-12)->si],
                $record->records('curve'),
            ), 'curve');
        }

        return new TwoFigureCurve(
            $record->figure('free_flow', 0.0)->si,
            $record->figure('shut_off', 0.0)->si,
            $record->optional('exponent', 0.0)->si ?? self::exponent($record),
        );
    }

    private static function exponent(Record $record): float
    {
        $type = $record->data()['type'] ?? 'propeller';

        return is_string($type) ? self::EXPONENT[$type] ?? throw BadRecord::missing('type') : throw BadRecord::missing('type');
    }
}
