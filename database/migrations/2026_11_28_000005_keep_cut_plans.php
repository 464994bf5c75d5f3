<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** How the parts of a build are laid out; offcuts worth keeping; what was ticked off in the shop. */
    public function up(): void
    {
        Schema::create('cut_plans', function (Blueprint $table): void {
            $table->foreignId('build_id')->primary()->constrained('builds')->cascadeOnDelete();
            $table->json('written');
            $table->unsignedInteger('revision')->default(1);
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('offcuts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained('programmes')->cascadeOnDelete();
            $table->string('material', 80);
            $table->decimal('width_m', 7, 5);
            $table->decimal('height_m', 7, 5);
            $table->foreignId('build_id')->nullable()->constrained('builds')->nullOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('shopping_ticks', function (Blueprint $table): void {
            $table->foreignId('programme_id')->constrained('programmes')->cascadeOnDelete();
            $table->string('part', 80);
            $table->boolean('ticked');
            $table->dateTime('ticked_at', 3);
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->primary(['programme_id', 'part']);
        });
    }
};
