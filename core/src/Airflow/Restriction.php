<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

/**
 * How hard the filters hold the fan back, by the share of its free flow that goes through them and by the drop across them
 * (bounds assumed; practitioners take a drop of 0.05 inWC as almost unimpeded).
 */
enum Restriction: string
{
    case Free = 'free';
    case Fair = 'fair';
    case Strained = 'strained';
    case Choked = 'choked';

    /** Shares of the free flow from which a fan counts as free, fair and strained (assumed). */
    private const SHARES = [0.80, 0.50, 0.35];

    /** Drop up to which a strained fan still counts as fair, Pa: 0.06 inWC (assumed). */
    private const SLIGHT = 0.06 * 249.089;

    /** Drop above which a free or a fair fan counts as strained, Pa: 0.15 inWC (assumed). */
    private const HIGH = 0.15 * 249.089;

    /**
     * @param  float  $share  of the bare fan's free flow that goes through the filters, 0 to 1
     * @param  float  $drop  across the filters, Pa
     */
    public static function of(float $share, float $drop): self
    {
        [$free, $fair, $strained] = self::SHARES;
        $byShare = match (true) {
            $share >= $free => self::Free,
            $share >= $fair => self::Fair,
            $share >= $strained => self::Strained,
            default => self::Choked,
        };

        return match (true) {
            $byShare === self::Strained && $drop <= self::SLIGHT => self::Fair,
            $byShare !== self::Choked && $drop > self::HIGH => self::Strained,
            default => $byShare,
        };
    }
}
