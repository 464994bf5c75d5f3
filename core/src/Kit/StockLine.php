<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

/** Pieces of one part: how many are on the shelf, how many of those are reserved for builds, how many went into which. */
final readonly class StockLine
{
    /** Stands for all builds but the one that sees it. */
    private const OTHERS = -1;

    /**
     * @param  int  $onHand  on the shelf
     * @param  array<int, int>  $reserved  of those, reserved, by build
     * @param  array<int, int>  $used  gone into a build, by build; 0 for none that is named
     */
    private function __construct(public int $onHand, public array $reserved, public array $used)
    {
    }

    public static function empty(): self
    {
        return new self(0, [], []);
    }

    /**
     * As it was kept, seen by one build.
     *
     * @param  int  $onHand  on the shelf
     * @param  int  $reserved  of those, for all builds
     * @param  int|null  $build  that sees it; null for none
     * @param  int  $reservedFor  for that build
     * @param  int  $usedIn  gone into that build, or used without one
     */
    public static function kept(int $onHand, int $reserved, ?int $build, int $reservedFor, int $usedIn): self
    {
        return new self($onHand, array_filter([self::OTHERS => $reserved - $reservedFor, $build ?? 0 => $reservedFor]), array_filter([$build ?? 0 => $usedIn]));
    }

    /** Reserved to builds. */
    public function reserved(): int
    {
        return array_sum($this->reserved);
    }

    /** On the shelf and not reserved. */
    public function free(): int
    {
        return $this->onHand - $this->reserved();
    }

    /** A build's whatever others take: reserved for it, or in it already. */
    public function securedFor(int $build): int
    {
        return ($this->used[$build] ?? 0) + ($this->reserved[$build] ?? 0);
    }

    /** On the shelf and free, or reserved for this build. */
    public function freeFor(?int $build): int
    {
        return $this->free() + ($build === null ? 0 : $this->reserved[$build] ?? 0);
    }

    /**
     * After a movement.
     *
     * @param  int  $pieces  1 or more
     * @param  int|null  $build  that they are for, or come from
     *
     * @throws InvalidStock when there are not so many
     */
    public function after(StockMove $move, int $pieces, ?int $build): self
    {
        if ($pieces < 1) {
            throw InvalidStock::pieces();
        }

        return match ($move) {
            StockMove::Bought => new self($this->onHand + $pieces, $this->reserved, $this->used),
            StockMove::Reserved => $this->reserve($pieces, $build ?? throw InvalidStock::forNothing()),
            StockMove::Used => $this->use($pieces, $build),
            StockMove::Returned => $this->return($pieces, $build),
        };
    }

    private function reserve(int $pieces, int $build): self
    {
        return $pieces > $this->free()
            ? throw InvalidStock::tooFew($pieces, $this->free(), 'Available in stock')
            : new self($this->onHand, self::with($this->reserved, $build, $pieces), $this->used);
    }

    private function use(int $pieces, ?int $build): self
    {
        $there = $this->freeFor($build);
        if ($pieces > $there) {
            throw InvalidStock::tooFew($pieces, $there, 'Available or reserved for this build');
        }
        $reserved = min($pieces, $build === null ? 0 : $this->reserved[$build] ?? 0);

        return new self($this->onHand - $pieces, $reserved === 0 ? $this->reserved : self::with($this->reserved, (int) $build, -$reserved), self::with($this->used, $build ?? 0, $pieces));
    }

    private function return(int $pieces, ?int $build): self
    {
        $reserved = $build === null ? 0 : $this->reserved[$build] ?? 0;
        $used = $this->used[$build ?? 0] ?? 0;
        if ($pieces > $reserved + $used) {
            throw InvalidStock::tooFew($pieces, $reserved + $used, $build === null ? 'Used without a build' : 'Reserved for this build or used in it');
        }
        $released = min($pieces, $reserved);
        $back = $pieces - $released;

        return new self(
            $this->onHand + $back,
            $released === 0 ? $this->reserved : self::with($this->reserved, (int) $build, -$released),
            $back === 0 ? $this->used : self::with($this->used, $build ?? 0, -$back),
        );
    }

    /**
     * @param  array<int, int>  $counts
     * @return array<int, int>
     */
    private static function with(array $counts, int $build, int $pieces): array
    {
        return array_filter([$build => ($counts[$build] ?? 0) + $pieces] + $counts);
    }
}
