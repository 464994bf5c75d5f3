<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Footing;
use Jornel\Core\Shape\NoSeat;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\WrongFilter;

/** Enumerates the families of feasible designs; parts that do not fit together are left out with the reason. */
final class FamilyEnumeration
{
    /** @var list<array{filters: non-empty-list<Filter>, best: Filter, prefilter: Filter|null}> */
    private readonly array $geometries;

    /** @var array<string, Misfit> by shape and reason */
    private array $misfits = [];

    /** Ways of making shapes that were gone through. */
    private int $gone = 0;

    /**
     * @param  int  $part  which of so many equal parts it tries, from 0
     * @param  int  $parts  1 for all
     */
    public function __construct(private readonly Catalogue $catalogue, private readonly Range $range, private readonly int $part = 0, private readonly int $parts = 1)
    {
        $this->geometries = self::geometries($catalogue, $range);
    }

    /** @return iterable<DesignFamily> */
    public function families(): iterable
    {
        foreach ($this->range->shapes as $shape) {
            $joinings = array_values(array_filter($this->catalogue->joinings, fn (Joining $joining): bool => $this->range->takesJoining($joining, $shape)));
            if ($joinings === []) {
                continue;
            }
            foreach ($this->ways($shape) as $way) {
                yield from $this->ofWay($shape, $way, $joinings);
            }
        }
    }

    /** @return list<Misfit> those that keep most out first */
    public function misfits(): array
    {
        $pairs = count($this->catalogue->fans) * count($this->catalogue->filters);
        $tooLocal = array_map(fn (Shape $shape): Misfit => new Misfit($shape->name(), 'room.pollutant', Texts::of('does-not-fit')->tell('too-local', shape: $shape->name()), $pairs), array_values($this->range->tooLocal));

        return Misfit::mostFirst([...array_values($this->misfits), ...$tooLocal]);
    }

    /**
     * What is wrong whatever the fan, or whatever the filter, is found out once.
     *
     * @param  array<string, string>  $way
     * @param  non-empty-list<Joining>  $joinings
     * @return iterable<DesignFamily>
     */
    private function ofWay(Shape $shape, array $way, array $joinings): iterable
    {
        $wrong = [];
        $turn = $this->gone++;
        foreach ($this->catalogue->fans as $fan) {
            $own = $this->ownGeometries($turn++);
            foreach ($own as $number => ['filters' => $filters, 'best' => $best, 'prefilter' => $prefilter]) {
                if (isset($wrong[$number])) {
                    $this->leaveOut($shape, $wrong[$number], count($filters));

                    continue;
                }
                $design = new Design($shape, $fan, $best, $joinings[0], Range::CORNERS[0], $prefilter, null, $way, window: $shape->needsWindow() ? $this->range->window : null);
                try {
                    $assembly = $design->assemble();
                    if ($assembly->isHalfDead()) {
                        throw DoesNotFit::halfDead($best, $fan);
                    }
                    if (! $shape->isNeedless($design)) {
                        yield new DesignFamily($design, $assembly, $filters, $joinings);
                    }
                } catch (NoSeat $why) {
                    $this->leaveOut($shape, $why, array_sum(array_map(fn (array $geometry): int => count($geometry['filters']), $own)));

                    continue 2;
                } catch (DoesNotFit $why) {
                    $this->leaveOut($shape, $why, count($filters));
                    if ($why instanceof WrongFilter) {
                        $wrong[$number] = $why;
                    }
                }
            }
        }
    }

    /**
     * Every part gets every fan on every way with some of the filters: all parts take about as long.
     *
     * @return array<int, array{filters: non-empty-list<Filter>, best: Filter, prefilter: Filter|null}>
     */
    private function ownGeometries(int $turn): array
    {
        return $this->parts === 1 ? $this->geometries : array_filter($this->geometries, fn (int $number): bool => ($number + $turn) % $this->parts === $this->part, ARRAY_FILTER_USE_KEY);
    }

    private function leaveOut(Shape $shape, DoesNotFit $why, int $count): void
    {
        $key = "{$shape->id()} {$why->getMessage()}";
        $this->misfits[$key] = new Misfit($shape->name(), $why->field, $why->getMessage(), $count + ($this->misfits[$key]->count ?? 0));
    }

    /** @return list<array<string, string>> choices of its options but for what it stands on, which is seen to once the media are chosen */
    private function ways(Shape $shape): array
    {
        return Footing::mayBeChosen($shape) ? array_values(array_filter($shape->ways(), fn (array $way): bool => $way[Footing::OPTION] === Footing::ALONE)) : $shape->ways();
    }

    /** @return list<array{filters: non-empty-list<Filter>, best: Filter, prefilter: Filter|null}> */
    private static function geometries(Catalogue $catalogue, Range $range): array
    {
        $alike = [];
        foreach ($catalogue->filters as $filter) {
            if ($range->takes($filter)) {
                $alike[$filter->geometry().($filter->efficiency->corrects ? '' : ' uncorrected')][] = $filter;
            }
        }
        $geometries = [];
        foreach ($alike as $filters) {
            $before = array_filter($catalogue->filters, fn (Filter $one): bool => array_filter($filters, fn (Filter $filter): bool => $range->takesBefore($one, $filter)) !== []);
            foreach ([null, ...array_values($before)] as $prefilter) {
                $behind = array_values(array_filter($filters, fn (Filter $filter): bool => $prefilter === null || $range->takesBefore($prefilter, $filter)));
                if ($behind !== []) {
                    $geometries[] = ['filters' => $behind, 'best' => Filter::noWorseThan($behind), 'prefilter' => $prefilter];
                }
            }
        }

        return $geometries;
    }
}
