<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('email')->unique();
            $table->string('password');
            $table->enum('measure', ['imperial', 'metric'])->default('imperial');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('programmes', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('about')->default('');
            $table->char('currency', 3)->default('EUR');
            $table->timestamps();
        });
        Schema::create('memberships', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->enum('role', ['organiser', 'builder', 'reader']);
            $table->unique(['programme_id', 'person_id']);
        });
        Schema::create('sites', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->timestamps();
            $table->unique(['programme_id', 'name']);
        });
        Schema::create('rooms', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('use', 40);
            foreach (['length', 'width', 'height'] as $side) {
                $table->decimal("{$side}_m", 10, 6);
                $table->string("{$side}_entry", 40);
            }
            $table->unsignedInteger('people');
            $table->string('pollutant', 40);
            $table->decimal('noise_limit_dba', 4, 1)->nullable();
            $table->boolean('has_fuel_burning')->default(false);
            $table->string('goal', 60);
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        DB::statement('ALTER TABLE rooms ADD CONSTRAINT rooms_sides_positive CHECK (length_m > 0 AND width_m > 0 AND height_m > 0)');
        Schema::create('builds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('room_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->timestamps();
        });
        Schema::create('versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->json('choices');
            $table->json('room');
            $table->json('parts');
            $table->decimal('clean_air_m3_s', 12, 8);
            $table->decimal('asks_m3_s', 12, 8);
            $table->unsignedInteger('units');
            $table->unsignedInteger('units_needed');
            $table->enum('standing', ['meets', 'warns', 'short']);
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['build_id', 'number']);
        });
        DB::statement('ALTER TABLE versions ADD CONSTRAINT versions_units_counted CHECK (units >= 1 AND units_needed >= 1)');
        Schema::create('parts', function (Blueprint $table): void {
            $table->id();
            $table->enum('kind', ['fan', 'filter', 'joining', 'material']);
            $table->string('code', 80);
            $table->unsignedInteger('position');
            $table->json('figures');
            $table->timestamps();
            $table->unique(['kind', 'code']);
        });
    }

    public function down(): void
    {
        foreach (['parts', 'versions', 'builds', 'rooms', 'sites', 'memberships', 'programmes', 'people'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
