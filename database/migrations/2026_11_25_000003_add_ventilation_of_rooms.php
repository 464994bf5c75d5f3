<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Outdoor air and central air as they were written down; empty for none. */
    public function up(): void
    {
        Schema::table('rooms', function (Blueprint $table): void {
            $table->string('ventilation_entry', 40)->default('');
            $table->string('central_entry', 40)->default('');
            $table->string('central_grade', 8)->default('');
        });
    }
};
