<?php

declare(strict_types=1);

namespace Jornel\Core\Part\Rating;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Grade;
use Jornel\Core\Part\Record;

/** Scales that packs print instead of the grade, from `data/reference/ratings.json`: equivalences, none of them exact. */
final readonly class Ratings
{
    /** @param  list<RatingStep>  $steps  scale by scale, each from coarse to fine */
    private function __construct(public array $steps)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $claims
     * @param  list<array<string, mixed>>  $scales
     *
     * @throws BadRecord
     */
    public static function fromRows(array $claims, array $scales): self
    {
        $known = [];
        foreach ($claims as $i => $row) {
            $record = new Record($row, "claims.{$i}");
            $claim = new Claim($record->text('id'), $record->text('name'), $record->text('verdict'), $record->text('says'));
            $known[$claim->id] = in_array($claim->verdict, Claim::VERDICTS, true) ? $claim : throw BadRecord::unknownName($record->path('verdict'), $claim->verdict, Claim::VERDICTS);
        }
        $steps = [];
        foreach ($scales as $i => $row) {
            $scale = new Record($row, "scales.{$i}");
            foreach ($scale->records('steps') as $record) {
                $steps[] = self::step($scale, $record, $known);
            }
        }

        return new self($steps);
    }

    /**
     * The steps that a filter of this grade may carry on its pack.
     *
     * @return list<RatingStep>
     */
    public function of(Grade $grade): array
    {
        return array_values(array_filter($this->steps, fn (RatingStep $step): bool => $step->mayStandOn($grade)));
    }

    /**
     * @param  array<string, Claim>  $known
     *
     * @throws BadRecord
     */
    private static function step(Record $scale, Record $record, array $known): RatingStep
    {
        [$least, $most] = [(int) $record->number('least', 0.0)->si, (int) $record->number('most', 0.0)->si];
        if ($most < $least) {
            throw BadRecord::tooSmall($record->path('most'), $most, $least);
        }

        return new RatingStep(
            $scale->text('name'), $record->text('step'), $least, $most,
            array_map(fn (string $id): Claim => $known[$id] ?? throw BadRecord::unknownName($record->path('claims'), $id, array_keys($known)), $record->texts('claims')),
            $scale->text('source'),
        );
    }
}
