<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Proof\Decay\ParticleSeries;

/**
 * A meter's log. Its rows are only added to.
 *
 * @property int $id
 * @property int $programme_id
 * @property string $sha256
 * @property string $name
 * @property string $source
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

    protected $fillable = ['programme_id', 'sha256', 'name', 'source', 'began_at', 'row_count', 'told', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['told' => 'array', 'began_at' => 'datetime:Y-m-d H:i:s.v'];
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

    /** Adds readings; those of a time that is there already stay as they were. */
    public function add(ParticleSeries $series): int
    {
        $added = 0;
        foreach (array_chunk(array_keys($series->times), self::AT_ONCE) as $places) {
            $values = implode(',', array_map(fn (int $at): string => sprintf('(%d,%d,%.4F)', $this->id, (int) round(1000.0 * $series->times[$at]), $series->values[$at]), $places));
            $added += DB::affectingStatement("INSERT IGNORE INTO log_rows (log_id, at_ms, value) VALUES {$values}");
        }

        return $added;
    }
}
