<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Build days: what was written of them, and the plan that holds. */
    public function up(): void
    {
        Schema::create('build_days', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained('programmes')->cascadeOnDelete();
            $table->string('name', 80);
            $table->dateTime('starts_at');
            $table->json('written');
            $table->json('plan')->nullable();
            $table->json('units')->nullable()->comment('Units that were begun, by their number on the day');
            $table->json('set_aside')->nullable()->comment('Numbers of units that cannot go on today');
            $table->dateTime('begun_at')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });
    }
};
