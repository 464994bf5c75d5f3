<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rooms', function (Blueprint $table): void {
            // Corners of what is no rectangle, and what stands in the room; null for none.
            $table->json('outline')->nullable();
            $table->json('furnishings')->nullable();
            $table->foreignId('changed_by')->nullable()->constrained('people')->nullOnDelete();
        });
        Schema::create('drafts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('room_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->json('work');
            $table->timestamps();
            $table->unique(['room_id', 'person_id']);
        });
    }
};
