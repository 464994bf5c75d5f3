<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\UnitOfMeasure;

/**
 * The filters of the catalogue: every kind of media in every nominal size, and the odd ones, each as a self-contained
 * entry.
 */
final class FilterRange
{
    /** A frame's actual face is half an inch under its nominal size, its depth a quarter of an inch (common practice, no source). */
    private const FACE_UNDER = 0.5;

    private const DEPTH_UNDER = 0.25;

    /** Nominal size that mass and price of media are given for, in2. */
    private const REFERENCE_AREA = 400.0;

    /** Actual side of the 20 x 20 size that dust capacity is given for, in. */
    private const REFERENCE_SIDE = 19.5;

    /**
     * @param  array{from: string, media: list<array<string, mixed>>, sizes: list<array<string, mixed>>, others: list<array<string, mixed>>}  $file
     * @param  list<array<string, mixed>>  $grades  rows of the grade table
     * @return list<array<string, mixed>>
     *
     * @throws BadRecord
     */
    public static function entries(array $file, array $grades): array
    {
        $byId = array_column($grades, null, 'id');
        $entries = [];
        foreach ($file['media'] as $media) {
            foreach ($file['sizes'] as $size) {
                $entries[] = self::entry($media, $size) + ['grade' => self::grade($byId, $media), 'from' => $file['from']];
            }
        }
        foreach ($file['others'] as $other) {
            $entries[] = ['grade' => self::grade($byId, $other)] + $other + ['from' => $file['from']];
        }

        return $entries;
    }

    /**
     * @param  array<string, mixed>  $media
     * @param  array<string, mixed>  $size
     * @return array<string, mixed>
     */
    private static function entry(array $media, array $size): array
    {
        $mediaRecord = new Record($media);
        $sizeRecord = new Record($size);
        $depth = $mediaRecord->number('nominal_depth', 0.0)->si;
        $nominal = sprintf('%sx%g', $sizeRecord->text('nominal'), $depth);
        [$width, $height] = $sizeRecord->numbers('nominal_in');
        $actual = isset($size['actual_in']) ? $sizeRecord->numbers('actual_in') : [$width - self::FACE_UNDER, $height - self::FACE_UNDER];
        $share = $width * $height / self::REFERENCE_AREA;
        $netShare = self::net($actual[0], $actual[1]) / self::net(self::REFERENCE_SIDE, self::REFERENCE_SIDE);

        return [
            'id' => "{$nominal}-{$mediaRecord->text('id')}",
            'name' => "{$sizeRecord->text('nominal')} × {$mediaRecord->text('name')}",
            'nominal' => $nominal,
            'form' => 'panel',
            'width_in' => $actual[0],
            'height_in' => $actual[1],
            'depth_in' => $depth - self::DEPTH_UNDER,
            'drop' => $media['drop'],
            'rated_velocity_m_s' => $mediaRecord->number('rated_velocity_m_s', 0.0)->si,
            'pleats_per_foot' => $mediaRecord->number('pleats_per_foot', 0.0)->si,
            'capacity_g' => round($mediaRecord->number('capacity_20x20_g', 0.0)->si * $netShare, 1),
            'mass_kg' => round($mediaRecord->number('mass_20x20_kg', 0.0)->si * $share, 3),
            'packs' => array_map(fn (Record $pack): array => [
                'count' => (int) $pack->number('count', 0.0)->si,
                'price' => round($pack->number('price', 0.0)->si * $sizeRecord->number('price_factor', 0.0)->si, 2),
            ], $mediaRecord->records('packs')),
        ];
    }

    /** Net face of a frame of these sides, in2. */
    private static function net(float $width, float $height): float
    {
        $rims = 2.0 * UnitOfMeasure::Inch->fromSi(Filter::RIM);

        return ($width - $rims) * ($height - $rims);
    }

    /**
     * @param  array<array<string, mixed>>  $grades
     * @param  array<string, mixed>  $media
     * @return array<string, mixed>
     */
    private static function grade(array $grades, array $media): array
    {
        $id = is_string($media['grade'] ?? null) ? $media['grade'] : '';

        return $grades[$id] ?? throw BadRecord::unknownGrade('grade', $id);
    }
}
