<?php

namespace App\Models;

use Database\Factories\PersonFactory;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Jornel\Core\Quantity\System;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property System $measure
 * @property string|null $colours
 * @property Collection<int, Programme> $programmes
 */
class Person extends Authenticatable
{
    /** @use HasFactory<PersonFactory> */
    use HasFactory, Notifiable;

    /** @var array<int, Role|null> by programme */
    private array $roles = [];

    /** @var array<int, bool> by programme */
    private array $archived = [];

    protected $table = 'people';

    protected $fillable = ['name', 'email', 'password', 'measure', 'colours'];

    /** @var array<string, mixed> what holds until somebody says otherwise */
    protected $attributes = ['colours' => null];

    protected $hidden = ['password', 'remember_token'];

    /**
     * An address as it is kept and looked for: letters of other widths and forms as the plain ones that they stand for, all
     * small.
     */
    public static function normalEmail(string $email): string
    {
        return mb_strtolower(\Normalizer::normalize(trim($email), \Normalizer::FORM_KC) ?: trim($email));
    }

    protected function email(): Attribute
    {
        return Attribute::make(set: self::normalEmail(...));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'measure' => System::class];
    }

    /** @return BelongsToMany<Programme, $this> */
    public function programmes(): BelongsToMany
    {
        $programmes = $this->belongsToMany(Programme::class, 'memberships')->withPivot('role');
        $programmes->orderBy('programmes.name');

        return $programmes;
    }

    /** Asked for once: who asks several things at a time is the same in all of them. */
    public function roleIn(int $programmeId): ?Role
    {
        if (! array_key_exists($programmeId, $this->roles)) {
            $role = $this->getConnection()->table('memberships')->where(['programme_id' => $programmeId, 'person_id' => $this->id])->value('role');
            $this->roles[$programmeId] = is_string($role) ? Role::from($role) : null;
        }

        return $this->roles[$programmeId];
    }

    /** What somebody may do there now: in a programme that is archived everybody looks and nobody changes anything. */
    public function mayIn(int $programmeId): ?Role
    {
        $role = $this->roleIn($programmeId);
        $this->archived[$programmeId] ??= $role !== null && $this->getConnection()->table('programmes')->where('id', $programmeId)->whereNotNull('archived_at')->exists();

        return $this->archived[$programmeId] ? Role::Reader : $role;
    }
}
