<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Append-only: what is on the shelf follows from what moved. */
    public function up(): void
    {
        Schema::create('stock_movements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['fan', 'filter', 'material']);
            $table->string('code', 80);
            $table->enum('move', ['bought', 'reserved', 'used', 'returned']);
            $table->unsignedInteger('pieces');
            $table->foreignId('build_id')->nullable()->constrained()->nullOnDelete();
            $table->string('note', 200)->default('');
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->timestamp('created_at')->useCurrent();
            $table->index(['programme_id', 'kind', 'code', 'id']);
        });
        DB::statement('ALTER TABLE stock_movements ADD CONSTRAINT stock_movements_move_something CHECK (pieces > 0)');
    }
};
