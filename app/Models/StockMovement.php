<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;

/**
 * Pieces of a part that came, were reserved, went into a build, or came back. Never changed: a mistake is moved back.
 *
 * @property int $id
 * @property int $programme_id
 * @property PartKind $kind
 * @property string $code
 * @property StockMove $move
 * @property int $pieces
 * @property int|null $build_id
 * @property string $note
 * @property Carbon $created_at
 * @property Build|null $build
 * @property Person|null $person
 */
class StockMovement extends Model implements OfProgramme
{
    public const UPDATED_AT = null;

    protected $table = 'stock_movements';

    protected $fillable = ['kind', 'code', 'move', 'pieces', 'build_id', 'note', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PartKind::class, 'move' => StockMove::class];
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }
}
