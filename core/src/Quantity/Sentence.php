<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/** A sentence with figures in it, which can be told in either measure. */
final readonly class Sentence
{
    /** @param  list<array{Display, float}|string|int>  $figures what stands for each %s */
    private function __construct(private string $format, private array $figures)
    {
    }

    /** @param  array{Display, float}|string|int  ...$figures */
    public static function of(string $format, array|string|int ...$figures): self
    {
        return new self($format, array_values($figures));
    }

    public function text(System $system): string
    {
        return vsprintf($this->format, array_map(
            fn (array|string|int $figure): string => is_array($figure) ? $figure[0]->text($figure[1], $system) : (string) $figure,
            $this->figures,
        ));
    }
}
