<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Jornel\Core\Kit\StockLine;
use Jornel\Core\Kit\StockMove;

return new class extends Migration
{
    /** What is in stock, kept with the movements that it follows from: nobody folds them all again. */
    public function up(): void
    {
        Schema::create('stock_levels', function (Blueprint $table): void {
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['fan', 'filter', 'material']);
            $table->string('code', 80);
            $table->unsignedInteger('on_hand');
            $table->unsignedInteger('reserved');
            $table->primary(['programme_id', 'kind', 'code']);
        });
        DB::statement('ALTER TABLE stock_levels ADD CONSTRAINT stock_levels_reserve_what_is_there CHECK (reserved <= on_hand)');
        Schema::create('stock_holdings', function (Blueprint $table): void {
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['fan', 'filter', 'material']);
            $table->string('code', 80);
            $table->unsignedBigInteger('build_id')->comment('0 for pieces that were used without a build');
            $table->unsignedInteger('reserved');
            $table->unsignedInteger('used');
            $table->primary(['programme_id', 'kind', 'code', 'build_id']);
            $table->index(['programme_id', 'build_id']);
        });
        Schema::table('stock_movements', fn (Blueprint $table) => $table->index(['programme_id', 'id'], 'stock_movements_page'));
        foreach (DB::table('programmes')->pluck('id') as $programme) {
            $this->fold((int) $programme);
        }
    }

    private function fold(int $programme): void
    {
        $lines = [];
        foreach (DB::table('stock_movements')->where('programme_id', $programme)->orderBy('id')->lazyById(5000) as $one) {
            $lines[$one->kind][$one->code] = ($lines[$one->kind][$one->code] ?? StockLine::empty())->after(StockMove::from($one->move), $one->pieces, $one->build_id);
        }
        foreach ($lines as $kind => $codes) {
            foreach ($codes as $code => $line) {
                $part = ['programme_id' => $programme, 'kind' => $kind, 'code' => $code];
                DB::table('stock_levels')->insert($part + ['on_hand' => $line->onHand, 'reserved' => $line->reserved()]);
                foreach (array_keys($line->reserved + $line->used) as $build) {
                    DB::table('stock_holdings')->insert($part + ['build_id' => $build, 'reserved' => $line->reserved[$build] ?? 0, 'used' => $line->used[$build] ?? 0]);
                }
            }
        }
    }
};
