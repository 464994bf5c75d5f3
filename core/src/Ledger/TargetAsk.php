<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Target\Target;

/** What one rule asks of a room, and what stands there gives it. */
final readonly class TargetAsk
{
    /**
     * @param  Pollutant  $judges  which clean air it judges
     * @param  bool  $judgesRoom  whether that is the room's own
     * @param  float|null  $asks  clean air, m3/s; null where it has nothing to say
     * @param  float  $building  what the building itself gives towards it, m3/s
     * @param  float|null  $gets  clean air of the kind that it judges, m3/s; null before anything is built
     */
    private function __construct(public Target $target, public Pollutant $judges, public bool $judgesRoom, public ?float $asks, public float $building, public ?float $gets)
    {
    }

    /** @param  Output|null  $output  of all that stands there; null where nothing does */
    public static function of(Target $target, Room $room, ?Output $output = null): self
    {
        if ($output === null) {
            return new self($target, $target->judges($room), $target->judges($room)->id === $room->pollutant()->id, $target->asks($room), $target->building($room), null);
        }
        $judgement = Judgement::of($target, $room, $output);

        return new self($target, $judgement->judges, $judgement->judges->id === $room->pollutant()->id, $judgement->asks, $judgement->building, $judgement->gets());
    }

    /** What the building gives of what is asked, and no more than that, m3/s. */
    public function already(): float
    {
        return min($this->asks ?? 0.0, $this->building);
    }

    /**
     * What is left for units after the building's own share.
     *
     * @return float|null m3/s, zero or more; null where it asks nothing
     */
    public function remains(): ?float
    {
        return $this->asks === null ? null : $this->asks - $this->already();
    }

    /** Whether the build reaches it; null before anything is built, or where it asks nothing. */
    public function reached(): ?bool
    {
        return $this->asks === null || $this->gets === null ? null : $this->gets >= $this->asks * (1.0 - 1e-9);
    }
}
