<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Database\Factories\ProgrammeFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $about
 * @property string $currency
 * @property Collection<int, Site> $sites
 */
class Programme extends Model implements OfProgramme
{
    /** @use HasFactory<ProgrammeFactory> */
    use HasFactory;

    protected $fillable = ['name', 'about', 'currency'];

    /** @return HasMany<Site, $this> */
    public function sites(): HasMany
    {
        $sites = $this->hasMany(Site::class);
        $sites->orderBy('id');

        return $sites;
    }

    /** @return BelongsToMany<Person, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'memberships')->withPivot('role');
    }

    public function programmeId(): int
    {
        return $this->id;
    }
}
