<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\Pollutants;
use Jornel\Core\Part\BadRecord;

/** The register of targets, from `data/reference/targets.json`. */
final readonly class Targets
{
    /**
     * @param  array<string, Target>  $all  by id, in the order in which they are shown
     * @param  string  $ownNumberSource  what any other number of air changes rests on
     */
    private function __construct(public array $all, private string $ownNumberSource)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws BadRecord
     */
    public static function fromRows(array $rows, Pollutants $pollutants): self
    {
        $all = [];
        foreach ($rows as $row) {
            foreach (TargetRow::read($row, $pollutants) as $target) {
                $all[$target->id()] = $target;
            }
        }

        return new self($all, 'your own number');
    }

    /** @throws UnknownTarget */
    public function get(string $id): Target
    {
        if (isset($this->all[$id])) {
            return $this->all[$id];
        }
        if (preg_match('/^air-changes-(\d{1,2}(?:\.\d{1,2})?)$/', $id, $match) === 1) {
            $number = (float) $match[1];
            if ($number >= AirChanges::RANGE[0] && $number <= AirChanges::RANGE[1]) {
                return new AirChanges($number, $this->ownNumberSource);
            }
        }

        if (preg_match('/^hold-(\d{1,3}(?:\.\d{1,2})?)$/', $id, $match) === 1 && (float) $match[1] > 0.0) {
            return new Concentration($id, sprintf('Hold %g µg/m³ or less', (float) $match[1]), $this->ownNumberSource, (float) $match[1]);
        }

        throw UnknownTarget::named($id, array_keys($this->all));
    }
}
