<?php

namespace App\Actions;

use App\Models\Room;
use Jornel\Core\Drawing\RoomPlan;
use Jornel\Core\Drawing\Stroke;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\RoomResult;

/** How a room does, as it is kept for its card. */
final readonly class RoomAssessment
{
    /**
     * @param  float  $floorArea  m2
     * @param  float|null  $asks  clean air that the goal needs, m3/s; null for more than there can be
     * @param  string|null  $standing  of all that stands there; null where nothing does
     * @param  float  $share  clean air of all that stands there over what is needed
     * @param  float|null  $chance  to reach the goal
     * @param  string|null  $likelihood  what that chance amounts to
     * @param  string|null  $verdict  the same in words
     * @param  int  $purifiers  that stand there
     * @param  string  $plan  its floor as SVG path data, mm
     * @param  string  $units  what stands on it, the same
     * @param  array{float, float, float, float}  $frame  left, front, right and back of its floor, m
     */
    private function __construct(
        public string $name,
        public string $use,
        public string $pollutant,
        public int $people,
        public float $floorArea,
        public string $goal,
        public ?float $asks,
        public bool $hasBuild,
        public ?string $standing,
        public float $share,
        public ?float $chance,
        public ?string $likelihood,
        public ?string $verdict,
        public int $purifiers,
        public string $plan,
        public string $units,
        public array $frame,
    ) {
    }

    public static function of(Room $room, Ledger $ledger, ?RoomResult $result): self
    {
        $drawn = RoomPlan::of($ledger->room->plan, $result->purifiers ?? 0);

        return new self(
            $room->name, $ledger->room->use->name, $ledger->room->pollutant->name, $room->people, $ledger->room->floorArea(),
            $ledger->goal->name(), is_infinite($ledger->asks) ? null : $ledger->asks, $room->builds->isNotEmpty(),
            $result?->standing()->value, round($result->share ?? 0.0, 3), $result === null ? null : round($result->chance, 4),
            $result?->likelihood->id, $result?->likelihood->name, $result->purifiers ?? 0,
            self::paths($drawn->floor, 'plan-floor'), self::paths($drawn->all(), 'plan-unit'), $ledger->room->plan->frame(),
        );
    }

    public static function fromJson(string $json): self
    {
        /** @var array{name: string, use: string, pollutant: string, people: int, floorArea: float, goal: string, asks: float|null, hasBuild: bool, standing: string|null, share: float, chance: float|null, likelihood: string|null, verdict: string|null, purifiers: int, plan: string, units: string, frame: array{float, float, float, float}} $kept */
        $kept = json_decode($json, true, 8, JSON_THROW_ON_ERROR);

        return new self(...$kept);
    }

    public function json(): string
    {
        return json_encode($this, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
    }

    /** @param  list<Stroke>  $strokes */
    private static function paths(array $strokes, string $kind): string
    {
        return implode('', array_map(fn (Stroke $stroke): string => $stroke->path(), array_filter($strokes, fn (Stroke $stroke): bool => $stroke->kind === $kind)));
    }
}
