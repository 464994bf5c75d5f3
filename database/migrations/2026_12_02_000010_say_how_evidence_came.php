<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * How a reading or a log came is a kind and, of meters, a name: a meter may be called `phone`, and a log is only added to by
     * its own meter. Where meters may be asked is said by whoever runs the machine. Corrections are deleted with their survey,
     * not one by the other, which the database does fifteen deep only.
     */
    public function up(): void
    {
        Schema::table('meters', fn (Blueprint $table) => $table->dropColumn('is_internal'));
        foreach (['logs', 'readings'] as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->string('meter', 60)->nullable()->after('source')->comment('Name of the meter that told it'));
            DB::table($name)->whereNotIn('source', ['typed', 'file', 'phone'])->update(['meter' => DB::raw('source'), 'source' => 'meter']);
            Schema::table($name, fn (Blueprint $table) => $table->string('source', 8)->comment('typed, file, phone, meter')->change());
        }
        Schema::table('logs', fn (Blueprint $table) => $table->foreignId('meter_id')->nullable()->after('meter')->comment('That it is a live log of')->constrained('meters')->nullOnDelete());
        DB::statement('UPDATE logs JOIN meters ON meters.programme_id = logs.programme_id AND meters.name = logs.meter SET logs.meter_id = meters.id WHERE logs.source = "meter"');
        foreach (['surveys', 'readings'] as $name) {
            Schema::table($name, function (Blueprint $table) use ($name): void {
                $table->dropForeign(['replaces_id']);
                $table->foreign('replaces_id')->references('id')->on($name)->nullOnDelete();
            });
        }
    }
};
