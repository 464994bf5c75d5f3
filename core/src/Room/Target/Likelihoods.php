<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** The steps of the chance to reach a goal, from `data/reference/chances.json`. */
final readonly class Likelihoods
{
    /** @param  non-empty-list<Likelihood>  $steps  the surest first */
    private function __construct(private array $steps)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $rows  the surest first; the last from a chance of nothing on
     *
     * @throws BadRecord
     */
    public static function fromRows(array $rows): self
    {
        $steps = array_map(function (array $row): Likelihood {
            $record = new Record($row + ['from' => 'assumed']);

            return new Likelihood($record->text('id'), $record->text('name'), $record->number('least', -1e-12)->si, $record->flag('enough'), $record->flag('sure'));
        }, $rows);

        return new self($steps === [] ? throw BadRecord::missing('verdicts') : $steps);
    }

    /** @param  float  $chance  0 to 1 */
    public function of(float $chance): Likelihood
    {
        foreach ($this->steps as $step) {
            if ($chance >= $step->least) {
                return $step;
            }
        }

        return $this->steps[count($this->steps) - 1];
    }

    /** Chance from which a goal counts as surely reached, 0 to 1. */
    public function sure(): float
    {
        return $this->steps[0]->least;
    }

    /** @return non-empty-list<Likelihood> the surest first */
    public function all(): array
    {
        return $this->steps;
    }
}
