<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('programmes', function (Blueprint $table): void {
            $table->decimal('tariff', 8, 4)->default('0.3000');
            $table->decimal('hours_per_day', 4, 2)->default('8.00');
            $table->decimal('years', 4, 2)->default('2.00');
            $table->unsignedInteger('filter_changes')->default(4);
            $table->decimal('altitude_m', 8, 3)->nullable();
            $table->string('altitude_entry', 40)->default('');
            $table->decimal('temperature_k', 6, 3)->nullable();
            $table->string('temperature_entry', 40)->default('');
            $table->unsignedInteger('revision')->default(1);
        });
        DB::statement('ALTER TABLE programmes ADD CONSTRAINT programmes_settings_in_range CHECK (tariff >= 0 AND hours_per_day BETWEEN 0 AND 24 AND years > 0)');
        Schema::create('programme_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['fan', 'filter', 'joining', 'material']);
            $table->string('code', 80);
            $table->string('like_code', 80);
            $table->json('figures');
            $table->unsignedInteger('revision')->default(1);
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['programme_id', 'kind', 'code']);
        });
        Schema::table('versions', function (Blueprint $table): void {
            $table->json('setting')->nullable();
        });
        Schema::table('rooms', function (Blueprint $table): void {
            $table->decimal('outdoor_ug_m3', 8, 2)->nullable();
            $table->enum('leakiness', ['tight', 'ordinary', 'leaky'])->default('ordinary');
        });
    }
};
