<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Filter;
use Jornel\Core\Quantity\Display;

/** Curves of a part: a fan's pressure over flow at every speed, a filter's drop over velocity. */
final readonly class CurvePlot
{
    private const STEPS = 40;

    /** @param  array<array-key, list<array{float, float}>>  $curves  by name; points in SI */
    private function __construct(public string $title, public PlotAxis $across, public PlotAxis $up, public array $curves)
    {
    }

    public static function ofFan(Fan $fan): self
    {
        $flow = max(array_map(fn (FanSpeed $speed): float => $speed->curve->freeFlow(), $fan->speeds));
        $pressure = max(array_map(fn (FanSpeed $speed): float => $speed->curve->shutOff(), $fan->speeds));
        $curves = [];
        foreach ($fan->speeds as $speed) {
            $curves[$speed->name] = array_map(function (int $step) use ($speed): array {
                $at = $speed->curve->shutOff() * (1.0 - $step / self::STEPS);

                return [$speed->curve->flow($at), $at];
            }, range(0, self::STEPS));
        }

        return new self('Pressure over flow', PlotAxis::of('Flow', $flow, Display::Flow), PlotAxis::of('Pressure', $pressure, Display::Pressure), $curves);
    }

    public static function ofFilter(Filter $filter): self
    {
        $velocity = $filter->ratedVelocity;
        $drop = $filter->pressureLaw->drop($velocity);

        return new self('Drop over face velocity', PlotAxis::of('Face velocity', $velocity, Display::Velocity), PlotAxis::of('Drop when clean', $drop, Display::Pressure), ['clean' => array_map(
            fn (int $step): array => [$velocity * $step / self::STEPS, $filter->pressureLaw->drop($velocity * $step / self::STEPS)],
            range(0, self::STEPS),
        )]);
    }
}
