<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

/** What kind of figure of a unit an explanation is about. */
enum ExplanationKey: string
{
    case Pressure = 'pressure';
    case FanFlow = 'fan-flow';
    case Bypass = 'bypass';
    case FreeShare = 'free-share';
    case FaceVelocity = 'face-velocity';
    case Drop = 'drop';
    case Efficiency = 'efficiency';
    case Leak = 'leak';
    case CleanAirOfBin = 'clean-air-of-bin';
    case CleanAir = 'clean-air';
}
