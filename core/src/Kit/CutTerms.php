<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Nest\Pinned;
use Jornel\Core\Nest\StockSheet;

/** How parts are laid out: the width of a cut, margins, what they may be cut from, and parts laid down by hand. */
final readonly class CutTerms
{
    /**
     * @param  float  $kerf  between any two parts, m
     * @param  float  $margin  to the edge of a sheet, m
     * @param  bool  $fromCartons  whether the cartons of the fans are cut up first
     * @param  bool  $withFlaps  whether their flaps may be used
     * @param  int  $printed  of their large walls, whose print is kept: 0 to 2
     * @param  list<StockSheet>  $sheets  at hand beside them, in the order in which they are to be used
     * @param  list<StockSheet>|null  $bought  that can be bought; null for those of the catalogue
     * @param  list<Pinned>  $pinned  parts laid down by hand
     * @param  bool  $isStrict  whether one of those that does not go there is refused; else it is laid with the rest, and told
     */
    public function __construct(
        public float $kerf = Kit::KERF,
        public float $margin = 0.0,
        public bool $fromCartons = true,
        public bool $withFlaps = true,
        public int $printed = 0,
        public array $sheets = [],
        public ?array $bought = null,
        public array $pinned = [],
        public bool $isStrict = true,
    ) {
    }

    /** @param  list<StockSheet>  $sheets  used after those that are named already */
    public function with(array $sheets): self
    {
        return new self($this->kerf, $this->margin, $this->fromCartons, $this->withFlaps, $this->printed, [...$this->sheets, ...$sheets], $this->bought, $this->pinned, $this->isStrict);
    }

    /** The same, with what no longer goes where it was laid by hand laid with the rest. */
    public function lenient(): self
    {
        return new self($this->kerf, $this->margin, $this->fromCartons, $this->withFlaps, $this->printed, $this->sheets, $this->bought, $this->pinned, false);
    }

    /** Whether nothing was chosen: cartons come first, and sheets of the catalogue are bought. */
    public function areUsual(): bool
    {
        return $this->kerf === Kit::KERF && $this->margin === 0.0 && $this->fromCartons && $this->withFlaps && $this->printed === 0 && $this->sheets === [] && $this->bought === null && $this->pinned === [];
    }

    /**
     * What is there to cut from.
     *
     * @param  non-empty-list<KitOrder>  $orders
     * @return list<StockSheet>
     */
    public function atHand(array $orders): array
    {
        return [...($this->fromCartons ? Kit::cartons($orders, $this->withFlaps, $this->printed) : []), ...$this->sheets];
    }
}
