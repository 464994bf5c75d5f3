<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Part\Fixing;
use Jornel\Core\Part\Joining;

/** One step of making a unit: what one maker does in one go. */
final readonly class Step
{
    /** Tools that cut or burn: only adults use them. */
    private const FOR_ADULTS = ['knife', 'saw', 'drill', 'glue gun', 'scissors', 'awl', 'cutters'];

    /** Steps in which nothing is made. */
    private const LOOKING = ['count', 'mark-fan', 'square', 'test-fan', 'look', 'power', 'ribbon', 'tissue', 'patch', 'label'];

    /** Cautions that come with a tool. */
    private const CAUTIONS = ['knife' => 'knives', 'scissors' => 'knives', 'cutters' => 'knives', 'awl' => 'knives', 'saw' => 'saws', 'drill' => 'saws', 'glue gun' => 'hot-glue'];

    /**
     * @param  string  $id  its own among the steps of a unit
     * @param  string  $action  what to do, in whole sentences
     * @param  string  $reason  why
     * @param  float  $minutes  of work, beside what each seam takes
     * @param  list<string>  $holds  hold points: what must be seen and ticked before going on
     * @param  list<string>  $sets  parts of the scene that are in place after it; `face` stands for every face
     * @param  list<PartUse>  $uses  what it takes into the hand
     * @param  list<Milestone>  $reaches
     * @param  list<Milestone>  $after  that it waits for, besides the rules of the craft
     * @param  list<string>  $tools  that it takes
     * @param  string|null  $skill  beyond measuring: cutting, taping, gluing, wiring, drilling, sawing, printing
     * @param  float  $wait  minutes until it holds, in which nobody is needed
     * @param  list<string>  $cautions  ids of those that it calls for besides those of its tools
     * @param  list<Mend>  $mends  what may go wrong in it besides what its milestones tell
     * @param  bool  $isCheck  whether somebody does it who did not build the unit
     * @param  int  $seams  that are closed in it
     * @param  Joining|null  $joining  with which they are closed
     */
    public function __construct(
        public string $id,
        public string $action,
        public string $reason,
        private float $minutes,
        public array $holds = [],
        public array $sets = [],
        public array $uses = [],
        public array $reaches = [],
        public array $after = [],
        private array $tools = [],
        private ?string $skill = null,
        public float $wait = 0.0,
        private array $cautions = [],
        public array $mends = [],
        public bool $isCheck = false,
        public bool $isCutting = false,
        public int $seams = 0,
        private ?Joining $joining = null,
    ) {
    }

    /** The same, closing seams with a joining: what it takes and how long comes on top. */
    public function joining(int $seams, Joining $joining): self
    {
        return $this->changed([
            'seams' => $seams, 'joining' => $joining,
            'uses' => [
                ...$this->uses, ...$joining->material === null ? [] : [PartUse::joining()],
                ...array_map(fn (Fixing $fixing): PartUse => PartUse::material($fixing->material), $joining->fixings),
            ],
        ]);
    }

    /** The same, setting other parts of the scene besides. */
    public function setting(string ...$parts): self
    {
        return $this->changed(['sets' => [...$this->sets, ...array_values($parts)]]);
    }

    /** The same, taking something else into the hand besides. */
    public function using(PartUse ...$uses): self
    {
        return $this->changed(['uses' => [...$this->uses, ...array_values($uses)]]);
    }

    /** The same, waiting for something else besides. */
    public function waitingFor(Milestone ...$milestones): self
    {
        return $this->changed(['after' => [...$this->after, ...array_values($milestones)]]);
    }

    /** The same, bringing the unit to something else besides. */
    public function reaching(Milestone ...$milestones): self
    {
        return $this->changed(['reaches' => [...$this->reaches, ...array_values($milestones)]]);
    }

    /** Minutes of work. */
    public function minutes(): float
    {
        return $this->minutes + $this->seams * ($this->joining->minutesPerSeam ?? 0.0);
    }

    /** Minutes of it that go with no seam. */
    public function besideSeams(): float
    {
        return $this->minutes;
    }

    /** @return list<string> that it takes besides those of its joining */
    public function ownTools(): array
    {
        return $this->tools;
    }

    /** Skill that it takes besides that of its joining. */
    public function ownSkill(): ?string
    {
        return $this->skill;
    }

    /** @return list<string> all that it takes */
    public function tools(): array
    {
        return array_values(array_unique([...$this->tools, ...$this->seams === 0 ? [] : $this->joining->tools ?? []]));
    }

    /** The skill that it takes beyond measuring; null for none. */
    public function skill(): ?string
    {
        $joining = $this->seams === 0 ? null : $this->joining?->skill;

        return $this->skill ?? ($joining === 'none' ? null : $joining);
    }

    /** Whether it takes a blade or something hot. */
    public function isForAdults(): bool
    {
        return array_intersect($this->tools(), self::FOR_ADULTS) !== [];
    }

    /** @return list<string> ids of the cautions that it calls for */
    public function cautions(): array
    {
        $all = $this->cautions;
        foreach ($this->tools() as $tool) {
            if (isset(self::CAUTIONS[$tool])) {
                $all[] = self::CAUTIONS[$tool];
            }
        }

        return array_values(array_unique($all));
    }

    /** Whether it is counting, trying, looking or labelling, as against work of the hands on the unit. */
    public function isLooking(): bool
    {
        return in_array($this->id, self::LOOKING, true);
    }

    /** @param  list<Milestone>  $milestones */
    public function reachesAnyOf(array $milestones): bool
    {
        foreach ($this->reaches as $milestone) {
            if (in_array($milestone, $milestones, true)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<string, mixed>  $other  in place of its own, by name of the argument */
    private function changed(array $other): self
    {
        // @phpstan-ignore argument.type
        return new self(...$other + get_object_vars($this));
    }
}
