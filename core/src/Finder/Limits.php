<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Guide\Work;

/** What builds are held to; what is not named is free. */
final readonly class Limits
{
    /**
     * @param  array<string, float>  $most  by value of the limit: dBA, money, m2, m, W, min; 0 of what may not be missing
     * @param  list<string>  $tools  at hand; told only where tools are a limit
     * @param  list<string>  $skills  at hand; told only where skills are a limit
     */
    private function __construct(public array $most, private array $tools, private array $skills)
    {
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /** @param  float  $value  dBA, money, m2, m, W or min */
    public function atMost(Limit $limit, float $value): self
    {
        return new self([$limit->value => $value] + $this->most, $this->tools, $this->skills);
    }

    /** @param  list<string>  $tools */
    public function withTools(array $tools): self
    {
        return new self([Limit::Tools->value => 0.0] + $this->most, $tools, $this->skills);
    }

    /** @param  list<string>  $skills */
    public function withSkills(array $skills): self
    {
        return new self([Limit::Skills->value => 0.0] + $this->most, $this->tools, $skills);
    }

    /** Fans and filters from stock alone. */
    public function fromStock(): self
    {
        return new self([Limit::Stock->value => 0.0] + $this->most, $this->tools, $this->skills);
    }

    public function without(Limit $limit): self
    {
        return new self(array_diff_key($this->most, [$limit->value => true]), $this->tools, $this->skills);
    }

    public function of(Limit $limit): ?float
    {
        return $this->most[$limit->value] ?? null;
    }

    /** @return list<Limit> that are set, in the order of the limits */
    public function set(): array
    {
        return array_values(array_filter(Limit::cases(), fn (Limit $limit): bool => isset($this->most[$limit->value])));
    }

    /** The same with tools and skills alone. */
    public function ofMakers(): self
    {
        return new self(array_intersect_key($this->most, [Limit::Tools->value => true, Limit::Skills->value => true]), $this->tools, $this->skills);
    }

    /** Whether tools or skills are a limit. */
    public function areOfMakers(): bool
    {
        return isset($this->most[Limit::Tools->value]) || isset($this->most[Limit::Skills->value]);
    }

    /** @return list<string> tools of some work that are not at hand; none where tools are no limit */
    public function missingTools(Work $work): array
    {
        return isset($this->most[Limit::Tools->value]) ? array_values(array_diff($work->tools(), $this->tools)) : [];
    }

    /** @return list<string> skills of some work that nobody has; none where skills are no limit */
    public function missingSkills(Work $work): array
    {
        return isset($this->most[Limit::Skills->value]) ? array_values(array_diff($work->skills(), $this->skills, ['none'])) : [];
    }

    /** Whether a value keeps to a limit. */
    public function allow(Limit $limit, float $value): bool
    {
        return $value <= $this->most($limit);
    }

    /** Most that a limit allows, with a hair for what was typed in another measure; without end where it is not set. */
    public function most(Limit $limit): float
    {
        return isset($this->most[$limit->value]) ? $this->most[$limit->value] * (1.0 + 1e-9) : INF;
    }
}
