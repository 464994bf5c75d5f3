<?php

namespace App\Actions;

use App\Models\Unit;
use App\Models\UnitTick;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Guide\Progress;

/** Where the steps of units stand, beside the ticks that say so and in the same transaction: pages and polls read this and no history. */
final class UnitSteps
{
    /**
     * Keeps others who tick the same unit waiting until this transaction ends. It comes before the first tick is written: two
     * that had each written one would wait for each other.
     */
    public static function lock(Unit $unit): void
    {
        DB::table('units')->where('id', $unit->id)->lockForUpdate()->value('id');
    }

    /**
     * Works out anew where some steps of a unit stand, from all that was told of them.
     *
     * @param  list<string>  $steps  of which something was told
     */
    public static function record(Unit $unit, array $steps): void
    {
        $ticks = UnitTick::query()->with('person');
        $ticks->where('unit_id', $unit->id)->whereIn('step', $steps)->orderBy('id');
        $rows = [];
        foreach (Progress::of(array_values($ticks->get()->map(fn (UnitTick $tick) => $tick->tick())->all()))->steps as $step => $progress) {
            $rows[] = [
                'unit_id' => $unit->id, 'step' => (string) $step, 'minutes' => $progress->done === null ? null : $progress->minutes,
                'done_at_ms' => $progress->done === null ? null : (int) round(1000.0 * $progress->done->at), 'done_by' => $progress->done?->person,
            ];
        }
        DB::table('unit_steps')->upsert($rows, ['unit_id', 'step'], ['done_at_ms', 'done_by', 'minutes']);
        $done = DB::table('unit_steps')->where('unit_id', $unit->id)->whereNotNull('done_at_ms')->whereIn('step', array_column($unit->guide, 'id'))->count();
        DB::table('units')->where('id', $unit->id)->update(['done_steps' => $done]);
        $unit->done_steps = $done;
        $unit->syncOriginalAttribute('done_steps');
    }
}
