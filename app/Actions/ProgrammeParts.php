<?php

namespace App\Actions;

use App\Exceptions\Overtaken;
use App\Models\Part;
use App\Models\Person;
use App\Models\Programme;
use App\Models\ProgrammePart;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Part\PartEntry;
use Jornel\Core\Part\PartKind;

/** A programme's own parts and figures, beside those that are shipped. */
final readonly class ProgrammeParts
{
    /**
     * The shipped entry of a part, or of the one that a programme's own part is like.
     *
     * @return array<string, mixed>
     */
    public function shipped(PartKind $kind, string $code): array
    {
        return Part::query()->where('kind', $kind)->where('code', $code)->firstOrFail()->figures;
    }

    public function own(Programme $programme, PartKind $kind, string $code): ?ProgrammePart
    {
        return $programme->parts()->where('kind', $kind)->where('code', $code)->first();
    }

    /**
     * Keeps what was written as the programme's own, or changes it.
     *
     * @param  string  $like  code of the shipped part that it is like
     * @param  array<string, mixed>  $written
     * @param  int  $read  revision that was read; 0 for a new one
     *
     * @throws Overtaken
     */
    public function save(Programme $programme, Person $person, PartKind $kind, string $code, string $like, array $written, int $read): ProgrammePart
    {
        $shipped = $this->shipped($kind, $like);
        if ($code !== $like && Part::query()->where('kind', $kind)->where('code', $code)->exists()) {
            throw (new ModelNotFoundException)->setModel(Part::class);
        }
        $entry = PartEntry::read($kind, $code, $shipped, $written, $person->measure);

        return DB::transaction(function () use ($programme, $person, $kind, $code, $like, $entry, $read): ProgrammePart {
            /** @var ProgrammePart|null $present */
            $present = ProgrammePart::withTrashed()->where('programme_id', $programme->id)->where('kind', $kind)->where('code', $code)->lockForUpdate()->first();
            if (($present === null || $present->trashed() ? 0 : $present->revision) !== $read) {
                throw Overtaken::part();
            }
            $part = $present ?? $programme->parts()->make(['kind' => $kind, 'code' => $code, 'revision' => 0]);
            $part->fill(['like_code' => $like, 'figures' => $entry->own, 'revision' => $part->revision + 1, 'person_id' => $person->id]);
            $part->setAttribute('deleted_at', null);
            $part->save();

            return $part;
        });
    }
}
