<?php

use App\Actions\UnitSteps;
use App\Models\Unit;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Where the steps of each unit stand, what they took whom, and its shape: what lists, guides and days ask of many units at once. */
    public function up(): void
    {
        Schema::table('units', function (Blueprint $table): void {
            $table->string('shape', 40)->default('')->after('version_id')->comment('Of the version, by which times are learned');
            $table->unsignedSmallInteger('steps')->default(0)->after('guide');
            $table->unsignedSmallInteger('done_steps')->default(0)->after('steps');
            $table->index(['programme_id', 'shape', 'id']);
        });
        Schema::create('unit_steps', function (Blueprint $table): void {
            $table->foreignId('unit_id')->constrained('units')->cascadeOnDelete();
            $table->string('step', 80);
            $table->unsignedBigInteger('done_at_ms')->nullable()->comment('Since 1970; null where it is not done');
            $table->foreignId('done_by')->nullable()->constrained('people')->nullOnDelete();
            $table->double('minutes')->nullable()->comment('That it took whoever did it; null where that cannot be told');
            $table->primary(['unit_id', 'step']);
        });
        DB::statement("UPDATE units JOIN versions ON versions.id = units.version_id SET units.shape = JSON_UNQUOTE(JSON_EXTRACT(versions.choices, '$.shape')), units.steps = JSON_LENGTH(units.guide)");
        foreach (Unit::withTrashed()->lazyById(100) as $unit) {
            UnitSteps::record($unit, array_column($unit->guide, 'id'));
        }
    }
};
