<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * Evidence of what units do: surveys with their readings, and meters' logs. Append-only: a correction is a new entry that
     * says what it replaces.
     */
    public function up(): void
    {
        Schema::create('surveys', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('unit_id')->constrained('units')->cascadeOnDelete();
            $table->string('key', 64)->charset('ascii')->collation('ascii_bin')->comment('Of whoever began it, so that it comes once');
            $table->string('kind', 12);
            $table->json('setting')->comment('How it was made: speed, outlet, grid, distance, as written');
            $table->foreignId('replaces_id')->nullable()->unique()->constrained('surveys')->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->dateTime('began_at', 3);
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['unit_id', 'key']);
        });
        Schema::create('logs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained('programmes')->cascadeOnDelete();
            $table->char('sha256', 64)->charset('ascii')->collation('ascii_bin')->comment('Of the file; of a live meter its own key');
            $table->string('name', 120);
            $table->string('source', 60)->comment('file, or the meter that told it');
            $table->dateTime('began_at', 3)->nullable()->comment('By the meter’s clock; null where it counts from its own beginning');
            $table->unsignedInteger('row_count')->default(0);
            $table->json('told')->comment('Columns, clock, sensors and what was odd, as it was read');
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['programme_id', 'sha256']);
        });
        // Rows lie in the order of their logs and times, so that a stretch is one run through neighbours however many there are.
        Schema::create('log_rows', function (Blueprint $table): void {
            $table->unsignedBigInteger('log_id');
            $table->unsignedBigInteger('at_ms')->comment('Since the first reading');
            $table->decimal('value', 14, 4)->comment('Micrograms in a cubic metre; of a vapour in the unit of its log');
            $table->primary(['log_id', 'at_ms']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('survey_id')->constrained('surveys')->cascadeOnDelete();
            $table->string('key', 64)->charset('ascii')->collation('ascii_bin')->comment('Of whoever told it, so that it comes once');
            $table->string('place', 60)->comment('Point, row and column, position, run');
            $table->string('entered', 80)->comment('As it was entered');
            $table->decimal('value', 20, 10)->nullable()->comment('SI; null for what is no quantity');
            $table->foreignId('log_id')->nullable()->constrained('logs');
            $table->json('detail')->nullable();
            $table->string('source', 60);
            $table->foreignId('replaces_id')->nullable()->unique()->constrained('readings')->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->dateTime('told_at', 3);
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['survey_id', 'key']);
        });
        DB::statement('ALTER TABLE log_rows ADD CONSTRAINT log_rows_log_foreign FOREIGN KEY (log_id) REFERENCES logs (id) ON DELETE CASCADE');
    }
};
