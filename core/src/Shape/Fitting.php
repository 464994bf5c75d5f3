<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Filter;

/** Parts for a shape that cannot be made of those chosen for another. */
final class Fitting
{
    /**
     * The design in another shape with as many of its parts as fit: both, else its filter or its fan with the first other
     * part of the catalogue that goes with it, else the first pair that does. Null where nothing in the catalogue fits.
     */
    public static function into(Shape $shape, Design $design, Catalogue $catalogue): ?Design
    {
        $same = $design->with($shape);
        foreach (self::candidates($same, $catalogue) as $candidate) {
            if (self::fits($candidate)) {
                return $candidate;
            }
        }

        return null;
    }

    /** @return iterable<Design> the nearest first */
    private static function candidates(Design $design, Catalogue $catalogue): iterable
    {
        yield $design;
        foreach ($catalogue->fans as $fan) {
            yield $design->with(fan: $fan);
        }
        $filters = self::nearest($design->filter, $catalogue->filters);
        foreach ($filters as $filter) {
            yield $design->with(filter: $filter);
        }
        foreach ($catalogue->fans as $fan) {
            foreach ($filters as $filter) {
                yield $design->with(fan: $fan, filter: $filter);
            }
        }
    }

    /**
     * A shape that takes other sizes is no reason to take a coarser filter or other pleats: first those of the same grade,
     * form and pleats, among them the nearest in its short side, then in area.
     *
     * @param  array<string, Filter>  $filters
     * @return array<string, Filter>
     */
    private static function nearest(Filter $wanted, array $filters): array
    {
        $far = fn (Filter $filter): array => [
            $filter->grade->id !== $wanted->grade->id,
            $filter->form !== $wanted->form,
            abs($filter->pleatPitch - $wanted->pleatPitch),
            abs($filter->depth - $wanted->depth),
            abs(min($filter->width, $filter->height) - min($wanted->width, $wanted->height)),
            abs($filter->netArea() - $wanted->netArea()),
        ];
        uasort($filters, fn (Filter $a, Filter $b): int => $far($a) <=> $far($b));

        return $filters;
    }

    private static function fits(Design $design): bool
    {
        try {
            $design->assemble();

            return true;
        } catch (DoesNotFit) {
            return false;
        }
    }
}
