<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;

/** What of a catalogue would not fit in place of one choice of a design, the others staying as they are. */
final readonly class Misfits
{
    /**
     * @param  array<string, string>  $fans  reason by id
     * @param  array<string, string>  $filters  reason by id
     * @param  array<string, string>  $prefilters  reason by id
     * @param  array<string, string>  $shapes  reason by id
     * @param  array<string, Design>  $instead  parts with which such a shape can be made, by its id
     */
    private function __construct(public array $fans, public array $filters, public array $prefilters, public array $shapes, public array $instead)
    {
    }

    public static function of(Design $design, Catalogue $catalogue): self
    {
        $shapes = self::reasons(array_map(fn (Shape $shape): Design => $design->with($shape), Shapes::all()));

        return new self(
            self::reasons(array_map(fn (Fan $fan): Design => $design->with(fan: $fan), $catalogue->fans)),
            self::reasons(array_map(fn (Filter $filter): Design => $design->with(filter: $filter), $catalogue->filters)),
            self::reasons(array_map(fn (Filter $filter): Design => $design->withPrefilter($filter), $catalogue->filters)),
            $shapes,
            array_filter(array_map(fn (string $id): ?Design => Fitting::into(Shapes::get($id), $design, $catalogue), array_combine(array_keys($shapes), array_keys($shapes)))),
        );
    }

    /**
     * @param  array<string, Design>  $designs
     * @return array<string, string>
     */
    private static function reasons(array $designs): array
    {
        $reasons = [];
        foreach ($designs as $id => $design) {
            try {
                $design->assemble();
            } catch (DoesNotFit $reason) {
                $reasons[$id] = $reason->getMessage();
            }
        }

        return $reasons;
    }
}
