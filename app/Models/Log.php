<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Jornel\Core\Proof\Decay\ParticleSeries;

/**
 * A meter's log. Its rows are only added to.
 *
 * @property int $id
 * @property int $programme_id
 * @property string $sha256
 * @property string $name
 * @property EvidenceSource $source
 * @property string|null $meter  its name
 * @property int|null $meter_id
 * @property Carbon|null $began_at
 * @property int $row_count
 * @property array{columns: list<array{place: int, name: string, kind: string}>, time: int|null, value: int|null, clock: string|null, sensors: list<string>, sensor: string|null, notes: list<array{line: int, text: string}>} $told
 */
class Log extends Model implements OfProgramme
{
    public const UPDATED_AT = null;

    /** Rows that are written in one statement. */
    private const AT_ONCE = 5000;

    protected $table = 'logs';

    protected $fillable = ['programme_id', 'sha256', 'name', 'source', 'meter', 'meter_id', 'began_at', 'row_count', 'told', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['told' => 'array', 'source' => EvidenceSource::class, 'began_at' => 'datetime:Y-m-d H:i:s.v'];
    }

    /** One that a meter tells from now on. */
    public static function ofMeter(Meter $meter, int $person): self
    {
        return self::query()->create([
            'programme_id' => $meter->programme_id, 'sha256' => hash('sha256', Str::random(40)), 'name' => $meter->name.', '.now()->format('j M Y H:i'),
            'source' => EvidenceSource::Meter, 'meter' => $meter->name, 'meter_id' => $meter->id, 'began_at' => now(), 'person_id' => $person,
            'told' => ['columns' => [], 'time' => null, 'value' => null, 'clock' => null, 'sensors' => [], 'sensor' => null, 'notes' => []],
        ]);
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }

    /**
     * Its readings, all or those of a stretch.
     *
     * @param  float|null  $from  s since the first
     * @param  float|null  $to  s since the first
     */
    public function series(?float $from = null, ?float $to = null): ParticleSeries
    {
        $rows = DB::table('log_rows')->where('log_id', $this->id);
        $rows->when($from !== null, fn ($query) => $query->where('at_ms', '>=', (int) round(1000.0 * (float) $from)));
        $rows->when($to !== null, fn ($query) => $query->where('at_ms', '<=', (int) round(1000.0 * (float) $to)));
        [$times, $values] = [[], []];
        foreach ($rows->orderBy('at_ms')->select(['at_ms', 'value'])->cursor() as $row) {
            $times[] = $row->at_ms / 1000.0;
            $values[] = (float) $row->value;
        }

        return new ParticleSeries($times, $values);
    }

    /** Adds readings; those of a time that is there already stay as they were. What cannot be kept as it is fails, and nothing is altered to fit. */
    public function add(ParticleSeries $series): int
    {
        $added = 0;
        foreach (array_chunk(array_keys($series->times), self::AT_ONCE) as $places) {
            $values = implode(',', array_map(fn (int $at): string => sprintf('(%d,%d,%.4F)', $this->id, (int) round(1000.0 * $series->times[$at]), $series->values[$at]), $places));
            $added += DB::affectingStatement("INSERT INTO log_rows (log_id, at_ms, value) VALUES {$values} ON DUPLICATE KEY UPDATE log_id = VALUES(log_id)");
        }

        return $added;
    }
}
