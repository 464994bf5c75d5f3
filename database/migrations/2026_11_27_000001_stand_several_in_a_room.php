<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('placements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('room_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            // A build of the room, or a purifier that was bought as it was written down.
            $table->foreignId('build_id')->nullable()->constrained()->cascadeOnDelete();
            $table->json('bought')->nullable();
            $table->unsignedSmallInteger('count');
            $table->string('speed', 40)->default('');
            $table->timestamps();
        });
        Schema::table('versions', function (Blueprint $table): void {
            // What stood beside it when it was computed, with copies of the figures; null for nothing.
            $table->json('beside')->nullable();
            $table->decimal('chance', 6, 5)->nullable();
        });
        Schema::table('rooms', function (Blueprint $table): void {
            $table->string('supply_entry', 40)->default('');
            $table->string('supply_grade', 8)->default('');
            $table->string('exhaust_entry', 40)->default('');
        });
        $this->placeLatestBuilds();
    }

    /** The latest build of a room is what stood for it: it is what stands there. */
    private function placeLatestBuilds(): void
    {
        $builds = DB::table('builds')->select('room_id', DB::raw('max(id) as build_id'))->groupBy('room_id')->get();
        foreach ($builds as $build) {
            $version = DB::table('versions')->where('build_id', $build->build_id)->orderByDesc('number')->first(['choices', 'units']);
            if ($version === null) {
                continue;
            }
            $choices = json_decode((string) $version->choices, true, flags: JSON_THROW_ON_ERROR);
            DB::table('placements')->insert([
                'room_id' => $build->room_id, 'position' => 0, 'build_id' => $build->build_id, 'count' => $version->units, 'speed' => (string) ($choices['speed'] ?? ''),
                'created_at' => now(), 'updated_at' => now(),
            ]);
        }
    }
};
