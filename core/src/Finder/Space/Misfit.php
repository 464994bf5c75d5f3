<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

/** Parts that do not make a shape together, and why. */
final readonly class Misfit
{
    /**
     * @param  string  $field  that is at fault: `unit.fan`, `unit.filter`, ...
     * @param  int  $count  ways of putting them together that it keeps out
     */
    public function __construct(public string $shape, public string $field, public string $reason, public int $count)
    {
    }

    /**
     * The same reasons counted together, those that keep most out first.
     *
     * @param  list<self>  $misfits
     * @return list<self>
     */
    public static function mostFirst(array $misfits): array
    {
        $together = [];
        foreach ($misfits as $misfit) {
            $key = "{$misfit->shape} {$misfit->reason}";
            $together[$key] = new self($misfit->shape, $misfit->field, $misfit->reason, $misfit->count + ($together[$key]->count ?? 0));
        }
        usort($together, fn (self $one, self $other): int => [$other->count, $one->shape, $one->reason] <=> [$one->count, $other->shape, $other->reason]);

        return $together;
    }
}
