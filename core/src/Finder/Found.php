<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Closure;
use Jornel\Core\Shape\Design;

/** A build that reaches the goal, at the speed it runs at. */
final class Found
{
    /**
     * @param  int  $units  alike
     * @param  int  $speed  which of the fan's speeds, from 0
     * @param  float  $share  of the goal by the figures as told, 1 where it is just reached
     * @param  float|Closure(): float  $chance  that the goal is reached, 0 to 1; found out when it is first asked for
     * @param  string  $code  in words that sort the same on every machine
     * @param  float|null  $lastsMonths  how long its filters last; null where they are never changed
     */
    public function __construct(
        public readonly Design $design,
        public readonly int $units,
        public readonly int $speed,
        public readonly Measures $measures,
        public readonly float $share,
        private float|Closure $chance,
        public readonly string $code,
        public readonly ?float $lastsMonths = null,
    ) {
    }

    /** @return float 0 to 1 */
    public function chance(): float
    {
        return is_float($this->chance) ? $this->chance : $this->chance = ($this->chance)();
    }

    public function speedName(): string
    {
        return $this->design->fan->speeds[$this->speed]->name;
    }

    /** `2 × Cube of four`. */
    public function name(): string
    {
        return self::several($this->units, $this->design->shape->name());
    }

    /** Of what each unit is: `Box fan 20 in on high, 4 × 20x20 × 1 in grade 13, Duct tape`. */
    public function parts(): string
    {
        $design = $this->design;

        return sprintf(
            '%s on %s, %s, %s',
            self::several($design->shape->fanCount($design), $design->fan->name), $this->speedName(),
            self::several($design->shape->filterCount($design), $design->filter->name), $design->joining->name,
        );
    }

    private static function several(int $count, string $name): string
    {
        return $count === 1 ? $name : "{$count} × {$name}";
    }

    /** The cheaper first; of equally cheap ones by their words. */
    public function comesBefore(self $other): bool
    {
        return [$this->measures->totalCost(), $this->code] < [$other->measures->totalCost(), $other->code];
    }
}
