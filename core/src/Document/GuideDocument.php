<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Caution\Caution;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\UnitForms;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuidePart;
use Jornel\Core\Guide\GuideStep;
use Jornel\Core\Guide\Making\Mend;
use Jornel\Core\Part\Record;

/** The steps of making one unit. */
final class GuideDocument implements Document
{
    public static function kind(): string
    {
        return 'guide';
    }

    public static function form(): Form
    {
        return Form::about('One unit to make')->object('unit', UnitForms::unit())->requires('unit');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $record = $document->child('unit');
        $design = UnitReader::read($record, $data, Air::reference())->design ?? throw InvalidGuide::bare($record->path('bare'));
        $guide = Guide::of($design, $data->catalogue());
        $cautions = array_column($data->cautions()->all, null, 'id');

        return [
            'steps' => array_map(fn (GuideStep $step): array => self::step($step, $cautions), $guide->steps),
            'work_min' => $guide->work(),
            'shortest_min' => $guide->shortest(),
        ];
    }

    /**
     * @param  array<string, Caution>  $cautions  by id
     * @return array<string, mixed>
     */
    private static function step(GuideStep $step, array $cautions): array
    {
        return [
            'id' => $step->id(),
            'action' => $step->step->action,
            'reason' => $step->step->reason,
            'parts' => array_map(fn (GuidePart $part): array => ['part' => $part->part, 'label' => $part->label, 'name' => $part->name, 'count' => $part->count], $step->parts),
            'tools' => $step->step->tools(),
            'work_min' => $step->step->minutes(),
            'wait_min' => $step->step->wait,
            'after' => $step->after,
            'hold' => $step->step->holds,
            'skill' => $step->skill(),
            'adults_only' => $step->step->isForAdults(),
            'cautions' => array_map(fn (string $id): array => ['id' => $id, 'title' => $cautions[$id]->title, 'text' => $cautions[$id]->text], $step->step->cautions()),
            'is_check' => $step->step->isCheck,
            'is_looking' => $step->step->isLooking(),
            'mends' => array_map(fn (Mend $mend): array => ['id' => $mend->value, 'title' => $mend->title(), 'text' => $mend->advice()], $step->mends()),
        ];
    }
}
