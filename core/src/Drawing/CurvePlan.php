<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Filter;
use Jornel\Core\Quantity\Display;

/** Curves of a part to be drawn on a pair of axes: a fan's pressure over flow at every speed, a filter's drop over velocity. */
final readonly class CurvePlan
{
    private const STEPS = 40;

    /**
     * @param  string  $across  what runs to the right
     * @param  string  $up  what runs up
     * @param  float  $mostAcross  at the end of that axis, SI
     * @param  float  $mostUp  at the end of that axis, SI
     * @param  array<array-key, list<array{float, float}>>  $curves  by name; each point a share of both axes, 0 to 1
     */
    private function __construct(
        public string $across,
        public string $up,
        public Display $acrossIn,
        public Display $upIn,
        public float $mostAcross,
        public float $mostUp,
        public array $curves,
    ) {
    }

    public static function ofFan(Fan $fan): self
    {
        $flow = max(array_map(fn (FanSpeed $speed): float => $speed->curve->freeFlow(), $fan->speeds));
        $pressure = max(array_map(fn (FanSpeed $speed): float => $speed->curve->shutOff(), $fan->speeds));
        $curves = [];
        foreach ($fan->speeds as $speed) {
            $curves[$speed->name] = array_map(function (int $step) use ($speed, $flow, $pressure): array {
                $at = $speed->curve->shutOff() * (1.0 - $step / self::STEPS);

                return [$speed->curve->flow($at) / $flow, $at / $pressure];
            }, range(0, self::STEPS));
        }

        return new self('Flow', 'Pressure', Display::Flow, Display::Pressure, $flow, $pressure, $curves);
    }

    public static function ofFilter(Filter $filter): self
    {
        $velocity = $filter->ratedVelocity;
        $drop = $filter->pressureLaw->drop($velocity);

        return new self('Face velocity', 'Drop when clean', Display::Velocity, Display::Pressure, $velocity, $drop, ['clean' => array_map(
            fn (int $step): array => [$step / self::STEPS, $filter->pressureLaw->drop($velocity * $step / self::STEPS) / $drop],
            range(0, self::STEPS),
        )]);
    }
}
