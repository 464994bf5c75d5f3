<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/** A sentence with figures in it, which can be told in either measure. */
final readonly class Sentence
{
    /**
     * @param  list<array{Display, float}|string|int>  $figures  what stands for each %s
     * @param  self|null  $imperial  told in feet and inches in its place
     */
    private function __construct(private string $format, private array $figures, private ?self $imperial = null)
    {
    }

    /** @param  array{Display, float}|string|int  ...$figures */
    public static function of(string $format, array|string|int ...$figures): self
    {
        return new self($format, array_values($figures));
    }

    /** Told in other words in either measure, as where a sum has another factor in it. */
    public static function either(self $metric, self $imperial): self
    {
        return new self($metric->format, $metric->figures, $imperial);
    }

    public function text(System $system): string
    {
        if ($this->imperial !== null && $system === System::Imperial) {
            return $this->imperial->text($system);
        }

        return vsprintf($this->format, array_map(
            fn (array|string|int $figure): string => is_array($figure) ? $figure[0]->text($figure[1], $system) : (string) $figure,
            $this->figures,
        ));
    }
}
