<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Numeric\DimensionReduction;
use Jornel\Core\Numeric\Lognormal;

/**
 * Output of one purifier or of several together, with how each figure that is not sure would change it. A figure that
 * several units share is off in all of them alike.
 */
final readonly class UncertainOutput
{
    /** @param  array<string, UncertainFigure>  $figures  by key */
    private function __construct(public Output $told, public array $figures)
    {
    }

    /** @param  list<UncertainFigure>  $figures */
    public static function of(Output $told, array $figures): self
    {
        return new self($told, array_combine(array_map(fn (UncertainFigure $figure): string => $figure->key(), $figures), $figures));
    }

    public static function none(): self
    {
        return new self(Output::none(), []);
    }

    public function times(int $count): self
    {
        return $count === 1 ? $this : new self(
            $this->told->times((float) $count),
            array_map(fn (UncertainFigure $figure): UncertainFigure => $figure->with($figure->up->times((float) $count), $figure->down->times((float) $count)), $this->figures),
        );
    }

    public function plus(self $other): self
    {
        $figures = [];
        foreach ($this->figures + $other->figures as $key => $figure) {
            [$mine, $theirs] = [$this->figures[$key] ?? null, $other->figures[$key] ?? null];
            $figures[$key] = $figure->with(
                ($mine->up ?? $this->told)->plus($theirs->up ?? $other->told),
                ($mine->down ?? $this->told)->plus($theirs->down ?? $other->told),
            );
        }

        return new self($this->told->plus($other->told), $figures);
    }

    /**
     * Where a figure of the output lies.
     *
     * @param  callable(Output): float  $figure  zero or more
     * @param  string|null  $measured  key of a figure that is taken as measured
     */
    public function distribution(callable $figure, ?string $measured = null): Lognormal
    {
        return DimensionReduction::lognormal($figure($this->told), array_map(fn (UncertainFigure $one): array => [
            $figure($one->up), $figure($one->down), ...($one->key() === $measured ? [$one->measured / $one->deviation] : []),
        ], $this->figures));
    }
}
