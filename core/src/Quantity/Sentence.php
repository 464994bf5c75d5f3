<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

use LogicException;

/** A sentence with gaps for its figures, each named in braces, which can be told in either measure. */
final readonly class Sentence
{
    /**
     * @param  array<string, array{Display, float}|string|int>  $gaps  what is put into each gap
     * @param  self|null  $imperial  told in feet and inches in its place
     */
    private function __construct(private string $text, private array $gaps, private ?self $imperial = null)
    {
    }

    /**
     * `Sentence::of('The cord is {length} long.', length: [Display::RoomLength, 1.8])`
     *
     * @param  array{Display, float}|string|int  ...$gaps  by name; a sentence need not use all of them
     *
     * @throws LogicException where a gap of the sentence is given nothing
     */
    public static function of(string $text, array|string|int ...$gaps): self
    {
        /** @var array<string, array{Display, float}|string|int> $gaps */
        $sentence = new self($text, $gaps);
        foreach (self::gapsOf($text) as $gap) {
            if (! isset($gaps[$gap])) {
                throw new LogicException("Nothing is given for {{$gap}} in “{$text}”.");
            }
        }

        return $sentence;
    }

    /** Without gaps: whatever it holds is told as it is. */
    public static function plain(string $text): self
    {
        return new self($text, []);
    }

    /** Told in other words in either measure, as where a sum has another factor in it. */
    public static function either(self $metric, self $imperial): self
    {
        return new self($metric->text, $metric->gaps, $imperial);
    }

    /** @return list<string> names of the gaps of a sentence */
    public static function gapsOf(string $text): array
    {
        preg_match_all('/\{(\w+)\}/', $text, $found);

        return $found[1];
    }

    public function text(System $system): string
    {
        if ($this->imperial !== null && $system === System::Imperial) {
            return $this->imperial->text($system);
        }
        $filled = [];
        foreach ($this->gaps as $name => $figure) {
            $filled["{{$name}}"] = is_array($figure) ? $figure[0]->text($figure[1], $system) : (string) $figure;
        }

        return strtr($this->text, $filled);
    }
}
