<?php

namespace App\Actions;

use App\Models\Part;
use App\Models\Person;
use App\Models\Programme;
use App\Models\ProgrammePart;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\SizeCheck;
use Jornel\Core\Part\EditableFigure;
use Jornel\Core\Part\EditableFigures;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Quantity\Provenance;

/** Keeps a size that somebody measured as the part's own in a programme, with who measured it and when. */
final readonly class MeasureSize
{
    public function __construct(private ProgrammeParts $parts)
    {
    }

    /** @param  string  $text  as it was written */
    public function keep(Programme $programme, Person $person, PartKind $kind, string $code, string $path, string $text): void
    {
        $figure = array_values(array_filter(EditableFigures::of($kind), fn (EditableFigure $one): bool => $one->path === $path && SizeCheck::isSize($kind, $path)))[0]
            ?? throw (new ModelNotFoundException)->setModel(Part::class);
        $entry = $figure->entry($text, Provenance::Measured, $person->measure, ['by' => $person->name, 'at' => Date::now()->toDateString()]);
        DB::transaction(function () use ($programme, $person, $kind, $code, $entry): void {
            /** @var ProgrammePart|null $present */
            $present = ProgrammePart::withTrashed()->where('programme_id', $programme->id)->where('kind', $kind)->where('code', $code)->lockForUpdate()->first();
            if ($present === null || $present->trashed()) {
                $this->parts->shipped($kind, $code);
            }
            $part = $present ?? $programme->parts()->make(['kind' => $kind, 'code' => $code, 'like_code' => $code, 'revision' => 0]);
            $before = $present === null || $present->trashed() ? [] : $part->figures;
            $part->fill(['figures' => Overlay::of($before, $entry), 'revision' => $part->revision + 1, 'person_id' => $person->id]);
            $part->setAttribute('deleted_at', null);
            $part->save();
        });
        Remember::that('size_measured', $programme->id, null, ['part' => Part::names($programme)[$kind->key($code)] ?? $code, 'size' => $figure->name]);
    }
}
