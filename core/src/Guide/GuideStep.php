<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Guide\Making\Mend;
use Jornel\Core\Guide\Making\Step;

/** A step in its place in a guide, with what it takes. */
final readonly class GuideStep
{
    /** Skill of whoever checks a unit that others built. */
    public const CHECKING = 'checking';

    /**
     * @param  int  $number  its place, from 1
     * @param  list<GuidePart>  $parts
     * @param  list<string>  $after  ids of the steps that it waits for directly
     */
    public function __construct(public int $number, public Step $step, public array $parts, public array $after)
    {
    }

    public function id(): string
    {
        return $this->step->id;
    }

    /** The skill that it takes; null for none. */
    public function skill(): ?string
    {
        return $this->step->isCheck ? self::CHECKING : $this->step->skill();
    }

    /** @return non-empty-list<Mend> */
    public function mends(): array
    {
        return Mend::of($this->step);
    }
}
