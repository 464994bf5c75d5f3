<?php

/* Fills the database it is given with so many people, each with a room and a build of their own, and prints who they are as JSON. */

use App\Actions\Assess;
use App\Actions\SaveVersion;
use App\Actions\Shelf;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use Illuminate\Contracts\Console\Kernel;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const PASSWORD = 'fifty people at once';
const SHAPES = ['cube' => '20x20x1-g13-economy', 'raised-cube' => '20x20x2-g13', 'flat-panel' => '20x20x4-g13'];

$programme = Programme::factory()->create(['name' => 'Many at once']);
$people = [];
for ($number = 0; $number < (int) ($argv[1] ?? 50); $number++) {
    $person = Person::factory()->create(['email' => "load{$number}@example.test", 'password' => PASSWORD]);
    $programme->people()->attach($person->id, ['role' => Role::Builder->value]);
    $site = $programme->sites()->firstOrCreate(['name' => 'Site '.intdiv($number, 10)]);
    $room = Room::factory()->for($site)->create(['name' => "Room {$number}", 'people' => 5 + $number]);
    $shape = array_keys(SHAPES)[$number % 3];
    $choices = ['shape' => $shape, 'fan' => 'box-20-plain', 'filter' => SHAPES[$shape], 'joining' => 'duct-tape', 'corners' => 'shroud', 'units' => 1, 'speed' => ''];
    $version = $app->make(SaveVersion::class)($room->builds()->create(['name' => 'Build'])->setRelation('room', $room->fresh(['site.programme'])), $person, $choices, 0);
    $people[] = ['email' => $person->email, 'room' => $room->id, 'build' => $version->build_id, 'version' => $version->id, 'choices' => $choices];
}
foreach ([PartKind::Fan, PartKind::Filter] as $kind) {
    $app->make(Shelf::class)->move($programme, Person::query()->latest('id')->firstOrFail(), $kind, $kind === PartKind::Fan ? 'box-20-plain' : '20x20x1-g13-economy', StockMove::Bought, 500, null, '');
}
// As after a first visit.
$app->make(Assess::class)->missing($programme, count($people));
echo json_encode(['programme' => $programme->id, 'password' => PASSWORD, 'people' => $people]);
