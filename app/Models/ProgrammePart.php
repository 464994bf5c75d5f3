<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Part\PartKind;

/**
 * A programme's own part, or its own figures for one of the catalogue: what it is like, and the figures that go before.
 *
 * @property int $id
 * @property int $programme_id
 * @property PartKind $kind
 * @property string $code
 * @property string $like_code
 * @property array<string, mixed> $figures
 * @property int $revision
 * @property Programme $programme
 */
class ProgrammePart extends Model implements OfProgramme
{
    use SoftDeletes;

    protected $table = 'programme_parts';

    protected $fillable = ['kind', 'code', 'like_code', 'figures', 'revision', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PartKind::class, 'figures' => 'array'];
    }

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }

    /**
     * The whole entry, over that of the part it is like.
     *
     * @param  array<string, mixed>  $like
     * @return array{kind: string, data: array<string, mixed>}
     */
    public function over(array $like): array
    {
        return self::entry($this->kind->value, $this->code, $this->figures, $like);
    }

    /**
     * @param  array<string, mixed>  $figures
     * @param  array<string, mixed>  $like
     * @return array{kind: string, data: array<string, mixed>}
     */
    public static function entry(string $kind, string $code, array $figures, array $like): array
    {
        return ['kind' => $kind, 'data' => ['id' => $code] + Overlay::of($like, $figures)];
    }
}
