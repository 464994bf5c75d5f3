<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Document;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\ProofForms;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;
use Jornel\Core\Proof\Level\UnitLevel;

/** How loud a unit is by itself. */
final class LevelDocument implements Document
{
    public static function kind(): string
    {
        return 'level';
    }

    public static function form(): Form
    {
        return ProofForms::level();
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $level = self::read($document);

        return [
            'on_mean_dba' => $level->on, 'off_mean_dba' => $level->off,
            'can_be_told' => $level->canBeTold(),
            'unit_dba' => $level->unit,
            'unit_at_distance_dba' => $level->at($document->optional('wanted_m', 0.0)->si ?? $level->distance),
        ];
    }

    public static function read(Record $record): UnitLevel
    {
        $levels = function (string $key) use ($record): array {
            $numbers = $record->numbers($key);

            return $numbers === [] ? throw BadRecord::missing($record->path($key)) : $numbers;
        };

        return UnitLevel::of($levels('on_dba'), $levels('off_dba'), $record->number('distance_m', 0.0)->si);
    }
}
