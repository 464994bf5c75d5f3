<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;

/** So many units of a design that are to be made. */
final readonly class KitOrder
{
    public Assembly $assembly;

    /**
     * @param  int  $units  1 or more
     *
     * @throws \Jornel\Core\Shape\DoesNotFit
     */
    public function __construct(public Design $design, public int $units)
    {
        $this->assembly = $design->assemble();
    }

    public function fans(): int
    {
        return $this->design->shape->fanCount($this->design) * $this->units;
    }

    public function filters(): int
    {
        return $this->design->shape->filterCount($this->design) * $this->units;
    }

    /**
     * What is sold by length: for the seams, and for all else.
     *
     * @return array<string, float> m, by id of the catalogue's materials
     */
    public function lengths(): array
    {
        $lengths = array_map(fn (float $length): float => $length * $this->units, $this->assembly->lengths);
        $seams = Pieces::joiningLength($this->assembly, $this->units);
        $joining = $this->design->joining->material;
        if ($joining !== null && $seams > 0.0) {
            $lengths[$joining] = ($lengths[$joining] ?? 0.0) + $seams;
        }

        return $lengths;
    }
}
