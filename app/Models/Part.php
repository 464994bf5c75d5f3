<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\PartKind;
use stdClass;

/**
 * A part of the catalogue, as one self-contained entry.
 *
 * @property string $kind
 * @property string $code
 * @property array<string, mixed> $figures
 */
final class Part extends Model
{
    protected $table = 'parts';

    protected $fillable = ['kind', 'code', 'position', 'figures'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array'];
    }

    /**
     * The parts that a choice names, and all materials; a programme's own figures before the catalogue's.
     *
     * @param  array<string, mixed>  $choices  fan, filter, prefilter, joining
     * @return list<array{kind: string, data: array<string, mixed>}>
     */
    public static function chosen(array $choices, ?Programme $programme): array
    {
        $named = ['fan' => [$choices['fan'] ?? null], 'filter' => [$choices['filter'] ?? null, $choices['prefilter'] ?? null], 'joining' => [$choices['joining'] ?? null]];
        $named = array_map(fn (array $codes): array => array_values(array_filter($codes, fn (mixed $code): bool => is_string($code) && $code !== '')), $named);
        $own = self::own($programme)->filter(fn (stdClass $part): bool => $part->kind === 'material' || in_array($part->code, $named[$part->kind] ?? [], true));
        foreach ($own as $part) {
            if ($part->kind !== 'material') {
                $named[$part->kind][] = $part->like_code;
            }
        }

        return self::entries(self::shipped()->where(function (Builder $query) use ($named): void {
            $query->where('kind', 'material');
            foreach ($named as $kind => $codes) {
                $query->orWhere(function (Builder $one) use ($kind, $codes): void {
                    $one->where('kind', $kind)->whereIn('code', $codes);
                });
            }
        }), $own);
    }

    /** Everything that can be bought, in the order of the data files, with a programme's own. */
    public static function catalogue(?Programme $programme): Catalogue
    {
        return Catalogue::fromEntries(self::entries(self::shipped(), self::own($programme)));
    }

    /**
     * What all parts are called, a programme's own among them.
     *
     * @return array<string, string> by kind and code
     */
    public static function names(Programme $programme): array
    {
        $names = [];
        foreach ([DB::table('parts'), DB::table('programme_parts')->where('programme_id', $programme->id)->whereNull('deleted_at')] as $parts) {
            foreach ($parts->selectRaw("kind, code, JSON_VALUE(figures, '$.name') as name")->get() as $part) {
                $key = PartKind::from($part->kind)->key($part->code);
                $names[$key] = $part->name ?? $names[$key] ?? $part->code;
            }
        }

        return $names;
    }

    /** Read as rows, like a programme's own: a record for each of some dozens of parts takes longer than all that is then done with them. */
    private static function shipped(): Builder
    {
        return DB::table('parts')->orderBy('position');
    }

    /** @return Collection<int, stdClass> */
    private static function own(?Programme $programme): Collection
    {
        return $programme === null ? new Collection : DB::table('programme_parts')->where('programme_id', $programme->id)->whereNull('deleted_at')
            ->orderBy('id')->get(['kind', 'code', 'like_code', 'figures']);
    }

    /**
     * @param  Collection<int, stdClass>  $own
     * @return list<array{kind: string, data: array<string, mixed>}>
     */
    private static function entries(Builder $query, Collection $own): array
    {
        $figures = fn (stdClass $part): array => json_decode($part->figures, true, flags: JSON_THROW_ON_ERROR);
        $entries = [];
        foreach ($query->get(['kind', 'code', 'figures']) as $part) {
            $entries["{$part->kind} {$part->code}"] = ['kind' => $part->kind, 'data' => $figures($part)];
        }
        $shipped = $entries;
        foreach ($own as $part) {
            $like = $shipped["{$part->kind} {$part->like_code}"] ?? null;
            if ($like !== null) {
                $entries["{$part->kind} {$part->code}"] = ProgrammePart::entry($part->kind, $part->code, $figures($part), $like['data']);
            }
        }

        return array_values($entries);
    }
}
