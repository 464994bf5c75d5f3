<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Footing;

/**
 * Designs of one shape, made in one way of one fan and of filters of one size. They differ in media, corners, joining and
 * what they stand on: what fits, fits for all of them.
 */
final readonly class DesignFamily
{
    /** @var list<Corners> ways of treating its corners, open ones first */
    public array $corners;

    /** @var non-empty-list<string|null> what it may be stood on; null where that is not chosen */
    public array $stands;

    /** Ways of treating its corners, of joining and of standing it. */
    public int $ways;

    /** Candidates that one speed and one number of units stand for. */
    public int $weight;

    /**
     * @param  Design  $design  standing alone, with an imagined filter that is no worse than any of the media
     * @param  Assembly  $assembly  of it
     * @param  non-empty-list<Filter>  $media  filters that go in
     * @param  non-empty-list<Joining>  $joinings  that can hold it together
     */
    public function __construct(public Design $design, public Assembly $assembly, public array $media, public array $joinings)
    {
        $this->corners = array_values(array_filter(Range::CORNERS, fn (Corners $corners): bool => ! $corners->areNeedless($design)));
        $this->stands = Footing::mayBeChosen($design->shape) ? Footing::SEARCHED : [null];
        $this->ways = count($this->corners) * count($joinings) * count($this->stands);
        $this->weight = count($media) * $this->ways;
    }
}
