<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A link with which one person comes into a programme, once, until it expires.
 *
 * @property int $id
 * @property int $programme_id
 * @property int $person_id
 * @property Role $role
 * @property Carbon $expires_at
 * @property Programme $programme
 * @property Person $inviter
 */
class Invitation extends Model implements OfProgramme
{
    public const UPDATED_AT = null;

    /** How long a link can be used, days. */
    public const DAYS = 7;

    protected $table = 'invitations';

    protected $fillable = ['person_id', 'role', 'token_hash', 'expires_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'expires_at' => 'datetime'];
    }

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    /** @return BelongsTo<Person, $this> who has invited */
    public function inviter(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'person_id');
    }

    public static function hashOf(string $token): string
    {
        return hash('sha256', $token);
    }

    /** The one that a link names, as long as it can be used. */
    public static function open(string $token): ?self
    {
        $invitations = self::query();
        $invitations->where('token_hash', self::hashOf($token))->where('expires_at', '>', Carbon::now());

        return $invitations->with(['programme', 'inviter'])->first();
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }
}
