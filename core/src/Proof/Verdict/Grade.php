<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Verdict;

/** What the proof comes to. */
enum Grade: string
{
    case Pass = 'pass';
    case Marginal = 'marginal';
    case Fail = 'fail';
    /** Nothing has been measured that tells the output. */
    case NotProved = 'not-proved';
}
