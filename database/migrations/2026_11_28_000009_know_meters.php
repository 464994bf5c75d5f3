<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Meters that a programme asks: at an address that an organiser allowed, or by files that are dropped into a folder. */
    public function up(): void
    {
        Schema::create('meters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained('programmes')->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('tells', 12)->comment('pm25, air-speed, level, power, outdoors');
            $table->string('driver', 12)->comment('http, folder, stand-in');
            $table->string('address', 300)->comment('Of a folder its name under var/meters');
            $table->string('field', 80)->default('')->comment('Of the value in its answer, with dots: sensors.0.pm25');
            $table->string('unit', 12)->default('');
            $table->boolean('is_internal')->default(false)->comment('Whether an organiser allowed an address within this network');
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });
    }
};
