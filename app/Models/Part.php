<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Jornel\Core\Part\Catalogue;

/**
 * A part of the catalogue, as one self-contained entry.
 *
 * @property string $kind
 * @property string $code
 * @property array<string, mixed> $figures
 */
final class Part extends Model
{
    protected $fillable = ['kind', 'code', 'position', 'figures'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array'];
    }

    /**
     * The parts that a choice names, and all materials.
     *
     * @param  array<string, mixed>  $choices  fan, filter, joining
     * @return list<array{kind: string, data: array<string, mixed>}>
     */
    public static function chosen(array $choices): array
    {
        return self::entries(self::query()->where(function (Builder $query) use ($choices): void {
            $query->where('kind', 'material');
            foreach (['fan', 'filter', 'joining'] as $kind) {
                if (is_string($choices[$kind] ?? null)) {
                    $query->orWhere(fn (Builder $one): Builder => $one->where('kind', $kind)->where('code', $choices[$kind]));
                }
            }
        }));
    }

    /** Everything that can be bought, in the order of the data files. */
    public static function catalogue(): Catalogue
    {
        return Catalogue::fromEntries(self::entries(self::query()));
    }

    /**
     * @param  Builder<self>  $query
     * @return list<array{kind: string, data: array<string, mixed>}>
     */
    private static function entries(Builder $query): array
    {
        $query->orderBy('position');

        return array_values($query->get()->map(fn (self $part): array => ['kind' => $part->kind, 'data' => $part->figures])->all());
    }
}
