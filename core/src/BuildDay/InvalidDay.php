<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

use Jornel\Core\Fault\Invalid;

/** A build day that cannot be: says where, why, and what would help. */
final class InvalidDay extends Invalid
{
    public static function again(string $path, string $name): self
    {
        return new self($path, "“{$name}” is named twice.");
    }

    public static function unknownTask(string $path, string $id): self
    {
        return new self($path, "There is no task “{$id}”.");
    }

    /** @param  list<string>  $ids */
    public static function circle(string $path, array $ids): self
    {
        return new self($path, 'These tasks wait for each other in a circle: '.implode(', ', $ids).'.');
    }

    public static function noTool(string $path, string $tool): self
    {
        return new self($path, "There is no {$tool}. Add one to the tools, or leave this task out.");
    }

    public static function noSkill(string $path, string $skill): self
    {
        return new self($path, "Nobody who comes has the skill “{$skill}”.");
    }

    public static function noAdult(string $path): self
    {
        return new self($path, 'Only an adult may do this, and no adult comes.');
    }

    public static function noAdultWithSkill(string $path, string $skill): self
    {
        return new self($path, "Only an adult may do this, and no adult who comes has the skill “{$skill}”.");
    }

    public static function tooFewPeople(string $path, int $needed, int $there): self
    {
        return new self($path, "This takes {$needed} people at once; only {$there} who come may do it.");
    }

    public static function nobodyToCheck(string $path, string $unit): self
    {
        return new self($path, "Nobody is left to check unit {$unit} who does not build it: one more person must come.");
    }

    public static function noTime(string $path, string $id): self
    {
        return new self($path, "There is too little time for “{$id}”: whoever may do it goes before it could be done.");
    }

    public static function nothingToMake(): self
    {
        return new self('units', 'Choose at least one build to make.');
    }

    public static function nobodyComes(): self
    {
        return new self('people', 'Enter at least one person who comes.');
    }

    public static function noPlan(): self
    {
        return new self('task', 'What was planned is of another day by now: plan it anew first.');
    }

    public static function doneAlready(string $id): self
    {
        return new self('task', "“{$id}” is done or under way: it stays where it is.");
    }

    public static function notHe(string $name, string $why): self
    {
        return new self('people', "{$name} {$why}.");
    }

    public static function before(float $now): self
    {
        return new self('start', sprintf('That is before now, minute %.0f.', $now));
    }

    public static function inBreak(float $from, float $to): self
    {
        return new self('start', sprintf('Nobody works through the break from minute %.0f to %.0f.', $from, $to));
    }

    public static function waits(string $id, float $until): self
    {
        return new self('start', sprintf('It waits for “%s”, which holds in minute %.0f.', $id, $until));
    }

    public static function backwards(string $path): self
    {
        return new self($path, 'This must end after it begins.');
    }
}
