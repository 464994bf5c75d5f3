<?php

declare(strict_types=1);

// How well and how fast parts are laid out on ten fixed sets: sheets and share used against the bound below which nothing can
// go, and against plain bottom-left fill in the same run. The last set is a programme of thirty units.

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Nest\Nesting;
use Jornel\Core\Nest\Piece;
use Jornel\Core\Nest\SheetBound;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Shapes;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/BottomLeftFill.php';

const KERF = 0.003;

$catalogue = (new DataFiles(dirname(__DIR__, 2).'/data'))->catalogue();
$order = fn (int $units, string $shape, string $fan, string $filter, Corners $corners = Corners::Shroud, array $options = []): KitOrder => new KitOrder(
    new Design(Shapes::get($shape), $catalogue->fan($fan), $catalogue->filter($filter), $catalogue->joining('duct-tape'), $corners, options: $options), $units,
);
$cube = fn (int $units): KitOrder => $order($units, 'cube', 'box-20-plain', '20x20x1-g13-dense');
$wedge = fn (int $units): KitOrder => $order($units, 'wedge', 'box-20-plain', '20x20x1-g13-dense', Corners::Taped);
$array = fn (int $units): KitOrder => $order($units, 'array-box', 'pc-140', '20x20x1-g13-dense', options: ['fans-top' => '3']);
$tower = fn (int $units): KitOrder => $order($units, 'slim-tower', 'pc-140', '10x20x1-g13-dense');
$drawer = fn (int $units, string $frames = 'whole'): KitOrder => $order($units, 'drawer', 'box-20-plain', '20x20x1-g13-dense', options: ['frames' => $frames]);
$sets = [
    'one cube' => [[$cube(1)], 'board-24x36'],
    'six cubes on corrugated plastic' => [[$cube(6)], 'corrugated-plastic-48x96'],
    'six wedges' => [[$wedge(6)], 'board-24x36'],
    'eight arrays' => [[$array(8)], 'board-24x36'],
    'ten slim towers' => [[$tower(10)], 'board-24x36'],
    'arrays and towers on foam board' => [[$array(4), $tower(6)], 'foam-board-20x30'],
    'two drawers of plywood' => [[$drawer(2)], 'plywood-half-inch-24x48'],
    'six drawers, frames of mitred strips' => [[$drawer(6, 'mitre')], 'plywood-half-inch-24x48'],
    'wedges and cubes on plastic' => [[$wedge(8), $cube(4)], 'corrugated-plastic-48x96'],
    'a programme of thirty units' => [[$cube(10), $wedge(8), $array(6), $tower(6)], 'board-24x36'],
];

foreach ($sets as $name => [$orders, $material]) {
    $sheet = Kit::sheet($catalogue->material($material), []);
    $sheet = new StockSheet($sheet->id, $sheet->width, $sheet->height, null, $sheet->grain);
    $pieces = [];
    foreach (Kit::parts($orders) as $part) {
        $isOf = str_starts_with($material, 'plywood') === str_starts_with($part->material, 'plywood');
        for ($number = 1; $isOf && ! $part->isCutInto && $part->material !== 'rod-8mm' && $number <= $part->count; $number++) {
            $pieces[] = $part->piece()->labelled("{$part->label}.{$number}");
        }
    }
    $pieces = array_map(fn (Piece $one): Piece => new Piece($one->label, $one->outline, $one->holes, $one->mayTurn), $pieces);
    $began = hrtime(true);
    $layout = Nesting::of($pieces, [$sheet], KERF, 0.0);
    $seconds = (hrtime(true) - $began) / 1e9;
    $bound = SheetBound::of($pieces, [$sheet], KERF, 0.0);
    $plain = BottomLeftFill::sheets($pieces, $sheet, KERF);
    printf(
        "nest, %s: %d parts on %d sheets, %.0f %% used, in %.2f s; bound %d, ratio %.2f; plain bottom-left fill %d, ratio %.2f\n",
        $name, count($pieces), count($layout->sheets), 100.0 * $layout->usedShare(), $seconds, $bound, count($layout->sheets) / $bound, $plain, $plain / count($layout->sheets),
    );
}
