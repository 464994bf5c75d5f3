<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Brick\Math\BigDecimal;
use Database\Factories\ProgrammeFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Jornel\Core\Air\Air;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Ledger\SettingEntry;

/**
 * @property int $id
 * @property string $name
 * @property string $about
 * @property string $currency
 * @property string $tariff
 * @property string $hours_per_day
 * @property string $years
 * @property int $filter_changes
 * @property string|null $altitude_m
 * @property string $altitude_entry
 * @property string|null $temperature_k
 * @property string $temperature_entry
 * @property int $revision
 * @property Carbon|null $archived_at
 * @property Collection<int, Person> $people
 * @property Collection<int, Site> $sites
 * @property Collection<int, ProgrammePart> $parts
 * @property Collection<int, StockMovement> $movements
 */
class Programme extends Model implements OfProgramme
{
    /** @use HasFactory<ProgrammeFactory> */
    use HasFactory, HasRevision;

    protected $table = 'programmes';

    protected $fillable = ['name', 'about', 'currency', 'tariff', 'hours_per_day', 'years', 'filter_changes', 'altitude_m', 'altitude_entry', 'temperature_k', 'temperature_entry', 'revision', 'archived_at'];

    /** @var array<string, mixed> what holds until someone says otherwise */
    protected $attributes = ['archived_at' => null, 'tariff' => '0.3000', 'hours_per_day' => '8.00', 'years' => '2.00', 'filter_changes' => 4, 'altitude_entry' => '', 'temperature_entry' => '', 'revision' => 1];

    /** What running costs and the flow of fans rest on. */
    private const SETTING = ['tariff', 'hours_per_day', 'years', 'filter_changes', 'altitude_m', 'temperature_k'];

    protected static function booted(): void
    {
        static::updated(function (self $programme): void {
            if ($programme->wasChanged(self::SETTING)) {
                Room::outdate('site_id', array_values($programme->sites()->get(['id'])->modelKeys()));
            }
        });
    }

    /** @return HasMany<Site, $this> */
    public function sites(): HasMany
    {
        $sites = $this->hasMany(Site::class);
        $sites->orderBy('position')->orderBy('id');

        return $sites;
    }

    /** @return HasMany<ProgrammePart, $this> */
    public function parts(): HasMany
    {
        $parts = $this->hasMany(ProgrammePart::class);
        $parts->orderBy('id');

        return $parts;
    }

    /** @return HasMany<StockMovement, $this> the earliest first */
    public function movements(): HasMany
    {
        $movements = $this->hasMany(StockMovement::class);
        $movements->orderBy('id');

        return $movements;
    }

    /** The air that its units move. */
    public function air(): Air
    {
        return SettingEntry::air($this->altitude_m === null ? null : (float) $this->altitude_m, $this->temperature_k === null ? null : (float) $this->temperature_k);
    }

    /** What its running costs rest on. */
    public function economy(): Economy
    {
        return Economy::of(BigDecimal::of($this->tariff), (float) $this->hours_per_day, (float) $this->years, $this->filter_changes);
    }

    /**
     * Copy of what holds today, to be kept with what was computed from it.
     *
     * @return array{altitude_m: float|null, temperature_k: float|null, tariff: string, hours_per_day: float, years: float, changes: int}
     */
    public function setting(): array
    {
        return [
            'altitude_m' => $this->altitude_m === null ? null : (float) $this->altitude_m,
            'temperature_k' => $this->temperature_k === null ? null : (float) $this->temperature_k,
            'tariff' => $this->tariff, 'hours_per_day' => (float) $this->hours_per_day, 'years' => (float) $this->years, 'changes' => $this->filter_changes,
        ];
    }

    /** @return BelongsToMany<Person, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'memberships')->withPivot('role');
    }

    /** @return HasMany<Invitation, $this> the latest first */
    public function invitations(): HasMany
    {
        $invitations = $this->hasMany(Invitation::class);
        $invitations->orderByDesc('id');

        return $invitations;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }

    public function programmeId(): int
    {
        return $this->id;
    }
}
