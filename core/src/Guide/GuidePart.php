<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

/** Something that a step takes into the hand: bought, or cut. */
final readonly class GuidePart
{
    /**
     * @param  string|null  $part  id in the catalogue of what is bought; null for what is cut
     * @param  string|null  $label  on the cut plan of what is cut; null for what is bought
     * @param  int  $count  pieces
     */
    private function __construct(public ?string $part, public ?string $label, public string $name, public int $count)
    {
    }

    public static function bought(string $part, string $name, int $count): self
    {
        return new self($part, null, $name, $count);
    }

    public static function cut(string $label, string $name, int $count): self
    {
        return new self(null, $label, $name, $count);
    }

    /** So many of them. */
    public function counting(int $count): self
    {
        return new self($this->part, $this->label, $this->name, $count);
    }

    /** `B Shroud`, `4 × Filter`. */
    public function told(): string
    {
        $name = $this->label === null ? $this->name : "{$this->label} {$this->name}";

        return $this->count > 1 ? "{$this->count} × {$name}" : $name;
    }
}
