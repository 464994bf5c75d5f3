<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

/** Why a run says nothing sure about the clean air. */
enum Refusal: string
{
    case TooFew = 'too-few-readings';
    case Saturated = 'saturated';
    case StillRising = 'still-rising';
    case NotFalling = 'not-falling';
    case TooShort = 'too-short';
    case BadlyMixed = 'badly-mixed';
    case TooNoisy = 'too-noisy';
    case Changed = 'changed';
}
