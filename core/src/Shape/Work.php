<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Joining;

/** What making one unit takes: minutes, tools and skills, gathered from its steps and from the way of joining. */
final readonly class Work
{
    /** Minutes of work for one unit: those of the steps, and so many for each seam. */
    public float $minutes;

    /** @var list<string> */
    public array $tools;

    /** @var list<string> */
    public array $skills;

    /**
     * @param  float  $besideSeams  minutes that go with no seam
     * @param  int  $seams  that are closed with the joining
     * @param  list<string>  $ownTools  besides those of the joining
     * @param  list<string>  $ownSkills  besides that of the joining
     */
    private function __construct(private float $besideSeams, private int $seams, private array $ownTools, private array $ownSkills, Joining $joining)
    {
        $this->minutes = $besideSeams + $seams * $joining->minutesPerSeam;
        $this->tools = array_values(array_unique($seams === 0 ? $ownTools : [...$ownTools, ...$joining->tools]));
        $this->skills = array_values(array_unique($seams === 0 ? $ownSkills : [...$ownSkills, $joining->skill]));
    }

    public static function of(Design $design): self
    {
        $minutes = 0.0;
        $seams = 0;
        [$tools, $skills] = [[], []];
        foreach ($design->shape->steps($design) as $step) {
            $minutes += $step->besideSeams();
            $seams += $step->seams;
            array_push($tools, ...$step->ownTools());
            $skills[] = $step->ownSkill();
        }

        return new self($minutes, $seams, $tools, array_values(array_filter($skills, is_string(...))), $design->joining);
    }

    /** The same unit joined another way. */
    public function joinedWith(Joining $joining): self
    {
        return new self($this->besideSeams, $this->seams, $this->ownTools, $this->ownSkills, $joining);
    }
}
