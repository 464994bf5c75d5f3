<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** How a room does, kept until something that it rests on changes. */
    public function up(): void
    {
        Schema::table('rooms', fn (Blueprint $table) => $table->unsignedInteger('basis')->default(0)->comment('counts changes of what its assessment rests on'));
        Schema::create('assessments', function (Blueprint $table): void {
            $table->foreignId('room_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('basis');
            $table->char('figures', 16)->comment('rules and reference figures it was worked out by');
            $table->string('likelihood', 20)->nullable();
            $table->json('card');
            $table->primary('room_id');
        });
    }
};
