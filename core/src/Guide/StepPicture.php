<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\Panel;

/** What is seen at a step: what is there, what comes new, where tape or glue runs, which way the air goes; or parts to cut. */
final readonly class StepPicture
{
    /**
     * @param  Scene|null  $scene  null where parts are cut
     * @param  list<string>  $lit  parts of the scene that the step is about
     * @param  list<array{string, Panel}>  $cuts  parts to cut, each with its label
     * @param  int  $turn  degrees that the viewer walks round to the right to see it best
     * @param  bool  $isBelow  whether they look from below
     */
    public function __construct(public ?Scene $scene, public array $lit, public array $cuts = [], public int $turn = 0, public bool $isBelow = false)
    {
    }
}
