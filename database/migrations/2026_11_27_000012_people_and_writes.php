<?php

use App\Models\Person;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Letter for letter: an address with an accent is another address, for the records as for the limit of tries.
        foreach (DB::table('people')->get(['id', 'email']) as $person) {
            DB::table('people')->where('id', $person->id)->update(['email' => Person::normalEmail((string) $person->email)]);
        }
        DB::statement('ALTER TABLE people MODIFY email VARCHAR(255) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        // What was answered to a write, kept with it in one transaction, so that the same write sent again does nothing twice.
        Schema::create('writes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('key', 64)->collation('utf8mb4_bin');
            $table->char('fingerprint', 64);
            $table->unsignedSmallInteger('status')->nullable();
            $table->mediumText('answer')->nullable();
            $table->timestamp('created_at')->useCurrent()->index();
            $table->unique(['person_id', 'key']);
        });
    }
};
