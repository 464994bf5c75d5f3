<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Part\Joining;
use Jornel\Core\Shape\Design;

/** What making one unit takes: minutes, tools and skills, gathered from its steps and from the way of joining. */
final readonly class Work
{
    /** Every tool that some step asks for, the commonest first. */
    public const TOOLS = [
        'tape measure', 'marker', 'knife', 'straightedge', 'tape', 'scissors', 'tissue', 'screwdriver', 'cable ties', 'glue gun',
        'awl', 'cutters', 'wrench', 'drill', 'saw', 'square', 'clamps', 'printer',
    ];

    /** Every skill beyond measuring, the commonest first. */
    public const SKILLS = ['cutting', 'taping', 'gluing', 'wiring', 'drilling', 'sawing', 'printing'];

    /** Minutes of work for one unit: those of the steps, and so many for each seam. */
    public float $minutes;

    /**
     * @param  float  $besideSeams  minutes that go with no seam
     * @param  int  $seams  that are closed with the joining
     * @param  list<string>  $ownTools  besides those of the joining
     * @param  list<string>  $ownSkills  besides that of the joining
     */
    private function __construct(private float $besideSeams, private int $seams, private array $ownTools, private array $ownSkills, private Joining $joining)
    {
        $this->minutes = $this->minutesWith($joining);
    }

    public static function of(Design $design): self
    {
        $minutes = 0.0;
        $seams = 0;
        [$tools, $skills] = [[], []];
        foreach (Steps::unordered($design) as $step) {
            $minutes += $step->besideSeams();
            $seams += $step->seams;
            array_push($tools, ...$step->ownTools());
            $skills[] = $step->ownSkill();
        }

        return new self($minutes, $seams, $tools, array_values(array_filter($skills, is_string(...))), $design->joining);
    }

    /** @return list<string> */
    public function tools(): array
    {
        return array_values(array_unique($this->seams === 0 ? $this->ownTools : [...$this->ownTools, ...$this->joining->tools]));
    }

    /** @return list<string> beyond measuring */
    public function skills(): array
    {
        return array_values(array_unique($this->seams === 0 ? $this->ownSkills : [...$this->ownSkills, $this->joining->skill]));
    }

    /** Minutes that the same unit takes joined another way. */
    public function minutesWith(Joining $joining): float
    {
        return $this->besideSeams + $this->seams * $joining->minutesPerSeam;
    }

    /** The same unit joined another way. */
    public function joinedWith(Joining $joining): self
    {
        return new self($this->besideSeams, $this->seams, $this->ownTools, $this->ownSkills, $joining);
    }
}
