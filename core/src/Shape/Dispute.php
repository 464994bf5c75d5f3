<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanFamily;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;

/** A question on which those who build disagree: two ways of making the same unit, to be held side by side. */
final readonly class Dispute
{
    /**
     * @param  array<string, Design>  $sides  two or more, by what they are called
     */
    private function __construct(public string $id, public string $question, public array $sides)
    {
    }

    /**
     * Those that can be put with a design, its own side among them or the nearest to it.
     *
     * @return list<self>
     */
    public static function about(Design $design, Catalogue $catalogue): array
    {
        return array_values(array_filter([
            self::of('grade', '13 or 14?', [
                'Grade 13' => self::filter($design, $catalogue, fn (Filter $filter): bool => $filter->grade->number === 13 && abs($filter->depth - $design->filter->depth) < 0.003),
                'Grade 14' => self::filter($design, $catalogue, fn (Filter $filter): bool => $filter->grade->number === 14 && abs($filter->depth - $design->filter->depth) < 0.003),
            ]),
            self::of('thickness', '1 in or thicker?', [
                '1 in' => self::deep($design, $catalogue, 1), '2 in' => self::deep($design, $catalogue, 2), '4 in' => self::deep($design, $catalogue, 4),
            ]),
            self::of('shroud', 'A shroud or none?', [
                'Shroud' => self::fitting($design->made(Corners::Shroud, $design->joining)), 'None' => self::fitting($design->made(Corners::Open, $design->joining)),
            ]),
            self::of('number', 'Four long ones or five?', self::fourOrFive($design, $catalogue)),
            self::of('joining', 'Tape or glue?', [
                'Duct tape' => self::joined($design, $catalogue, 'duct-tape'), 'Painter’s tape' => self::joined($design, $catalogue, 'painters-tape'), 'Hot glue' => self::joined($design, $catalogue, 'hot-glue'),
            ]),
            self::of('fan', 'Box fan, circulator or PC fans?', [
                'Box fan' => self::family($design, $catalogue, FanFamily::Box), 'Circulator' => self::family($design, $catalogue, FanFamily::Circulator), 'PC fans' => self::small($design, $catalogue),
            ]),
            self::of('direction', 'Pull or push?', [
                'Pull' => self::fitting($design->blowing(Direction::Pull)), 'Push' => self::fitting($design->blowing(Direction::Push)),
            ]),
        ]));
    }

    /** @param  array<string, Design|null>  $sides */
    private static function of(string $id, string $question, array $sides): ?self
    {
        $there = array_filter($sides);

        return count($there) < 2 ? null : new self($id, $question, $there);
    }

    /** @param  callable(Filter): bool  $is */
    private static function filter(Design $design, Catalogue $catalogue, callable $is): ?Design
    {
        if ($is($design->filter)) {
            return self::fitting($design);
        }
        $same = array_filter($catalogue->filters, fn (Filter $filter): bool => $is($filter)
            && abs($filter->width - $design->filter->width) < 0.007 && abs($filter->height - $design->filter->height) < 0.007);
        uasort($same, fn (Filter $one, Filter $other): int => abs($one->pleatPitch - $design->filter->pleatPitch) <=> abs($other->pleatPitch - $design->filter->pleatPitch));
        foreach ($same as $filter) {
            $fits = self::fitting($design->with(filter: $filter));
            if ($fits !== null) {
                return $fits;
            }
        }

        return null;
    }

    /** @param  int  $inches  nominal */
    private static function deep(Design $design, Catalogue $catalogue, int $inches): ?Design
    {
        return self::filter($design, $catalogue, fn (Filter $filter): bool => $filter->grade->id === $design->filter->grade->id && str_ends_with($filter->nominal, "x{$inches}"));
    }

    /** @return array<string, Design|null> */
    private static function fourOrFive(Design $design, Catalogue $catalogue): array
    {
        $five = Fitting::into(Shapes::get('raised-cube'), $design->withPrefilter(null), $catalogue);
        $long = $five === null ? null : array_filter($catalogue->filters, fn (Filter $filter): bool => $filter->grade->id === $five->filter->grade->id
            && abs($filter->depth - $five->filter->depth) < 0.003 && abs(min($filter->width, $filter->height) - min($five->filter->width, $five->filter->height)) < 0.003
            // Five quarters as long: as much media in four.
            && abs(max($filter->width, $filter->height) / max($five->filter->width, $five->filter->height) - 1.25) < 0.05);
        $four = null;
        foreach ($long ?? [] as $filter) {
            $four ??= self::fitting($design->withPrefilter(null)->with(Shapes::get('tall-box'), filter: $filter));
        }

        return ['Four long' => $four, 'Five' => $four === null ? null : $five];
    }

    private static function joined(Design $design, Catalogue $catalogue, string $joining): ?Design
    {
        $found = $catalogue->joinings[$joining] ?? null;

        return $found instanceof Joining && $found->holds($design->shape->id()) ? self::fitting($design->made($design->corners, $found)) : null;
    }

    private static function family(Design $design, Catalogue $catalogue, FanFamily $family): ?Design
    {
        if ($design->fan->family === $family) {
            return self::fitting($design);
        }
        foreach (array_filter($catalogue->fans, fn (Fan $fan): bool => $fan->family === $family) as $fan) {
            $fits = self::fitting($design->with(fan: $fan));
            if ($fits !== null) {
                return $fits;
            }
        }

        return null;
    }

    private static function small(Design $design, Catalogue $catalogue): ?Design
    {
        if ($design->fan->family === FanFamily::Small) {
            return self::fitting($design);
        }

        return Fitting::into(Shapes::get('array-box'), $design->withPrefilter(null), $catalogue);
    }

    private static function fitting(Design $design): ?Design
    {
        try {
            $design->assemble();

            return $design;
        } catch (DoesNotFit) {
            return null;
        }
    }
}
