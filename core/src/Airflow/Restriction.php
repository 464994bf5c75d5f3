<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

/** How hard the filters hold the fan back, by the share of its free flow that goes through them (assumed bounds). */
enum Restriction: string
{
    case Free = 'free';
    case Fair = 'fair';
    case Strained = 'strained';
    case Choked = 'choked';

    /** @param  float  $share of the bare fan's free flow, 0 to 1 */
    public static function ofShare(float $share): self
    {
        return match (true) {
            $share >= 0.80 => self::Free,
            $share >= 0.65 => self::Fair,
            $share >= 0.45 => self::Strained,
            default => self::Choked,
        };
    }
}
