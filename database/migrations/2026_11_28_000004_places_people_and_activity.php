<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::table('people', fn (Blueprint $table) => $table->enum('colours', ['light', 'dark'])->nullable()->comment('null goes with the machine'));
        Schema::table('programmes', fn (Blueprint $table) => $table->timestamp('archived_at')->nullable());
        Schema::table('sites', function (Blueprint $table): void {
            $table->unsignedInteger('position')->default(0);
            $table->softDeletes();
        });
        DB::table('sites')->update(['position' => DB::raw('id')]);
        // As the package has it, with an index for reading the latest of a log.
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->id();
            $table->string('log_name')->nullable();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
            $table->index(['log_name', 'id']);
        });
    }
};
