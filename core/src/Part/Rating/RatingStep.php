<?php

declare(strict_types=1);

namespace Jornel\Core\Part\Rating;

use Jornel\Core\Part\Grade;

/** One step of a scale that packs print, and the grades that it is about. */
final readonly class RatingStep
{
    /**
     * @param  string  $scale  name of the scale
     * @param  int  $least  the least grade that is sold under this step, 1 to 16
     * @param  int  $most  the best one
     * @param  list<Claim>  $claims  commonly made for it
     * @param  string  $source  of the equivalence
     */
    public function __construct(
        public string $scale,
        public string $step,
        public int $least,
        public int $most,
        public array $claims,
        public string $source,
    ) {
    }

    /** Whether a filter of this grade may carry this step; never for a class of HEPA, which these scales do not reach. */
    public function mayStandOn(Grade $grade): bool
    {
        return $grade->number !== null && $grade->number >= $this->least && $grade->number <= $this->most;
    }

    /** The grades in words: `about grade 13`, `about grade 12 to 13`. */
    public function about(): string
    {
        return $this->least === $this->most ? "about grade {$this->least}" : "about grade {$this->least} to {$this->most}";
    }
}
