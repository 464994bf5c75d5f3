<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;

/**
 * Designs of one shape, made in one way of one fan and of filters of one size. They differ in media, corners and joining: what
 * fits, fits for all of them.
 */
final readonly class DesignFamily
{
    /** @var list<Corners> ways of treating its corners, open ones first */
    public array $corners;

    /** Ways of treating its corners and of joining it. */
    public int $ways;

    /** Candidates that one speed and one number of units stand for. */
    public int $weight;

    /**
     * @param  Design  $design  with an imagined filter that is no worse than any of the media
     * @param  Assembly  $assembly  of it
     * @param  non-empty-list<Filter>  $media  filters that go in
     * @param  non-empty-list<Joining>  $joinings  that can hold it together
     * @param  string  $code  in words that sort the same on every machine
     */
    public function __construct(public Design $design, public Assembly $assembly, public array $media, public array $joinings, public string $code)
    {
        $this->corners = array_values(array_filter(Range::CORNERS, fn (Corners $corners): bool => ! $corners->areNeedless($design)));
        $this->ways = count($this->corners) * count($joinings);
        $this->weight = count($media) * $this->ways;
    }
}
