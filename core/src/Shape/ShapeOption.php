<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** Something about a shape that may be made one way or another. */
final readonly class ShapeOption
{
    /**
     * @param  string  $id  as documents spell it
     * @param  non-empty-array<array-key, string>  $choices  name by id; whole numbers among them are keys of that kind
     * @param  string  $usual  the choice when none is made
     * @param  bool  $isOfTheRoom  whether the room settles it, or a wish beside clean air, so that the finder leaves it as usual
     * @param  list<string>|null  $searched  choices that the finder tries; null for all
     */
    public function __construct(public string $id, public string $name, public array $choices, public string $usual, public bool $isOfTheRoom = false, private ?array $searched = null)
    {
    }

    /** The same of which the finder tries some choices alone. */
    public function searching(string ...$choices): self
    {
        return new self($this->id, $this->name, $this->choices, $this->usual, $this->isOfTheRoom, array_values($choices));
    }

    /** @return list<string> choices that the finder tries; none of what is left to the room */
    public function searched(): array
    {
        return $this->isOfTheRoom ? [] : $this->searched ?? array_map(strval(...), array_keys($this->choices));
    }

    /** The same, left to the room. */
    public function ofTheRoom(): self
    {
        return new self($this->id, $this->name, $this->choices, $this->usual, true);
    }

    /**
     * Whole numbers up to a most.
     *
     * @param  string  $word  what is counted
     */
    public static function number(string $id, string $name, int $least, int $most, string $word, int $usual): self
    {
        $choices = [];
        for ($number = $least; $number <= $most; $number++) {
            $choices[$number] = "{$number} {$word}";
        }

        return new self($id, $name, $choices === [] ? [0 => "0 {$word}"] : $choices, (string) $usual);
    }
}
