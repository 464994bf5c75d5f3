<?php

namespace App\Actions;

use App\Models\Person;
use App\Models\Programme;
use App\Models\ProgrammePart;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Proof\Fit\MeasuredPart;

/** Keeps what the evidence of a unit says of its parts as the programme's own figures. */
final readonly class KeepMeasured
{
    public function __construct(private ProgrammeParts $parts)
    {
    }

    public function __invoke(Programme $programme, Person $person, MeasuredPart $measured): ProgrammePart
    {
        return DB::transaction(function () use ($programme, $person, $measured): ProgrammePart {
            /** @var ProgrammePart|null $present */
            $present = ProgrammePart::withTrashed()->where(['programme_id' => $programme->id, 'kind' => $measured->kind, 'code' => $measured->code])->lockForUpdate()->first();
            $own = $present === null || $present->trashed() ? [] : $present->figures;
            $like = $present !== null && ! $present->trashed() ? $present->like_code : $measured->code;
            $signed = ['by' => $person->name, 'at' => now()->format('Y-m-d')];
            $figures = Overlay::of($own, array_map(fn (mixed $figure): mixed => is_array($figure) && isset($figure['value']) ? $figure + $signed : $figure, $measured->figures));
            // What the core cannot make a part of is not kept.
            Catalogue::fromEntries([ProgrammePart::entry($measured->kind->value, $measured->code, $figures, $this->parts->shipped($measured->kind, $like))]);
            $part = $present ?? $programme->parts()->make(['kind' => $measured->kind, 'code' => $measured->code, 'revision' => 0]);
            $part->fill(['like_code' => $like, 'figures' => $figures, 'revision' => $part->revision + 1, 'person_id' => $person->id]);
            $part->setAttribute('deleted_at', null);
            $part->save();

            return $part;
        });
    }
}
