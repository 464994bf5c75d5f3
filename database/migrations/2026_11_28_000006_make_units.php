<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Units that are made, what was told of their steps, and photos. */
    public function up(): void
    {
        Schema::create('units', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained('programmes')->cascadeOnDelete();
            $table->foreignId('version_id')->constrained('versions')->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('name', 80)->default('');
            $table->char('token', 22)->charset('ascii')->collation('ascii_bin')->unique();
            $table->boolean('is_open')->default(false);
            $table->json('guide');
            $table->foreignId('started_by')->nullable()->constrained('people')->nullOnDelete();
            $table->dateTime('started_at');
            $table->foreignId('made_by')->nullable()->constrained('people')->nullOnDelete();
            $table->dateTime('made_at')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['programme_id', 'number']);
        });
        // Append-only: what was told is never changed, only told otherwise later.
        Schema::create('unit_ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('unit_id')->constrained('units')->cascadeOnDelete();
            $table->string('key', 64)->charset('ascii')->collation('ascii_bin');
            $table->string('step', 80);
            $table->string('kind', 12);
            $table->unsignedTinyInteger('hold')->nullable();
            $table->string('text', 1000)->default('');
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->foreignId('photo_id')->nullable();
            $table->dateTime('told_at', 3);
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['unit_id', 'key']);
        });
        Schema::create('unit_photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('unit_id')->constrained('units')->cascadeOnDelete();
            $table->string('key', 64)->charset('ascii')->collation('ascii_bin');
            $table->mediumText('content')->charset('ascii')->comment('JPEG, base64');
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['unit_id', 'key']);
        });
        Schema::table('unit_ticks', function (Blueprint $table): void {
            $table->foreign('photo_id')->references('id')->on('unit_photos')->nullOnDelete();
        });
    }
};
