<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Who waits for the finder, in the order they came. */
    public function up(): void
    {
        Schema::create('finds_waiting', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('ticket', 64);
            $table->dateTime('seen_at', 3);
            $table->boolean('is_running')->default(false);
            $table->unique(['person_id', 'ticket']);
        });
    }
};
