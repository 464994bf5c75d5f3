<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What is stated about how a fan's housing burns. */
enum FireRating: string
{
    case NoneStated = 'none-stated';
    case V2 = 'v-2';
    case V0 = 'v-0';
    case Metal = 'metal';
}
