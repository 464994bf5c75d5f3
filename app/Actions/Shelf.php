<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Person;
use App\Models\Programme;
use App\Models\StockMovement;
use App\Models\Version;
use Closure;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\InvalidStock;
use Jornel\Core\Kit\KitPart;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Kit\StockLine;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;

/**
 * What a programme has on its shelf. It follows from all that moved, and is kept in the same transaction: how many of each part
 * are there and reserved (`stock_levels`), and how many of those for which build, or gone into it (`stock_holdings`).
 */
final readonly class Shelf
{
    /** @return array<string, StockLine> by kind and code, as seen by one build */
    public function lines(Programme $programme, ?Build $build = null): array
    {
        return $this->seenBy($programme->id, $build?->id);
    }

    /** Pieces that a build may count on: those that are free, and those reserved for it. */
    public function stock(Programme $programme, ?Build $build): Stock
    {
        $pieces = [];
        foreach ($this->lines($programme, $build) as $part => $line) {
            $pieces[PartKind::ofKey($part)[1]] = $line->freeFor($build?->id);
        }

        return Stock::of($pieces);
    }

    /**
     * Pieces that several builds together may count on: those that no other build has reserved, and those in them already.
     *
     * @param  list<int>  $builds
     */
    public function stockFor(Programme $programme, array $builds): Stock
    {
        $pieces = [];
        foreach (DB::table('stock_levels')->where('programme_id', $programme->id)->get(['code', 'on_hand']) as $level) {
            $pieces[$level->code] = ($pieces[$level->code] ?? 0) + (int) $level->on_hand;
        }
        foreach (DB::table('stock_holdings')->where('programme_id', $programme->id)->get(['code', 'build_id', 'reserved', 'used']) as $held) {
            $pieces[$held->code] = ($pieces[$held->code] ?? 0) + (in_array((int) $held->build_id, $builds, true) ? (int) $held->used : -(int) $held->reserved);
        }

        return Stock::of($pieces);
    }

    /**
     * Keeps a movement if there are as many pieces as it moves; two people at once wait for each other.
     *
     * @throws InvalidStock when there are not so many
     */
    public function move(Programme $programme, Person $person, PartKind $kind, string $code, StockMove $move, int $pieces, ?Build $build, string $note): StockMovement
    {
        return $this->alone($programme, fn (): StockMovement => $this->keep($programme, $person, $kind, $code, $move, $pieces, $build?->id, $note));
    }

    /**
     * Moves all of a version's kit that can be moved so, for its build.
     *
     * @return list<KitPart> as they stand after it
     *
     * @throws InvalidStock when there is nothing to move
     */
    public function moveKit(Version $version, ShoppingList $kit, Person $person, StockMove $move): array
    {
        $programme = $version->build->room->site->programme;

        return $this->alone($programme, function () use ($programme, $version, $kit, $person, $move): array {
            $moved = array_filter(KitPart::list($kit, $this->lines($programme, $version->build), $version->build_id), fn (KitPart $part): bool => $part->moved($move) > 0);
            if ($moved === []) {
                throw InvalidStock::nothingToMove($move);
            }
            foreach ($moved as $part) {
                $this->keep($programme, $person, $part->kind, $part->part, $move, $part->moved($move), $version->build_id, "kit of version {$version->number}");
            }

            return KitPart::list($kit, $this->lines($programme, $version->build), $version->build_id);
        });
    }

    /** The movement, and what is there after it. */
    private function keep(Programme $programme, Person $person, PartKind $kind, string $code, StockMove $move, int $pieces, ?int $build, string $note): StockMovement
    {
        $line = ($this->seenBy($programme->id, $build, $kind, $code)[$kind->key($code)] ?? StockLine::empty())->after($move, $pieces, $build);
        $part = ['programme_id' => $programme->id, 'kind' => $kind->value, 'code' => $code];
        DB::table('stock_levels')->upsert($part + ['on_hand' => $line->onHand, 'reserved' => $line->reserved()], array_keys($part), ['on_hand', 'reserved']);
        if ($move !== StockMove::Bought) {
            $holding = ['reserved' => $line->reserved[$build ?? 0] ?? 0, 'used' => $line->used[$build ?? 0] ?? 0];
            DB::table('stock_holdings')->upsert($part + ['build_id' => $build ?? 0] + $holding, [...array_keys($part), 'build_id'], ['reserved', 'used']);
        }

        return $programme->movements()->create([
            'kind' => $kind, 'code' => $code, 'move' => $move, 'pieces' => $pieces, 'build_id' => $build, 'note' => $note, 'person_id' => $person->id,
        ]);
    }

    /** @return array<string, StockLine> by kind and code; of one part where it is named */
    private function seenBy(int $programme, ?int $build, ?PartKind $kind = null, ?string $code = null): array
    {
        $levels = DB::table('stock_levels as level')->leftJoin('stock_holdings as holding', fn ($join) => $join
            ->on('holding.programme_id', 'level.programme_id')->on('holding.kind', 'level.kind')->on('holding.code', 'level.code')
            ->where('holding.build_id', $build ?? 0));
        $levels->where('level.programme_id', $programme);
        if ($kind !== null) {
            $levels->where('level.kind', $kind->value)->where('level.code', $code);
        }
        $lines = [];
        foreach ($levels->get(['level.kind', 'level.code', 'level.on_hand', 'level.reserved', 'holding.reserved as reserved_for', 'holding.used as used_in']) as $row) {
            $lines[PartKind::from($row->kind)->key($row->code)] = StockLine::kept($row->on_hand, $row->reserved, $build, $row->reserved_for ?? 0, $row->used_in ?? 0);
        }

        return $lines;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $move
     * @return T
     */
    private function alone(Programme $programme, Closure $move): mixed
    {
        return DB::transaction(function () use ($programme, $move): mixed {
            $programme->newQuery()->whereKey($programme->id)->lockForUpdate()->firstOrFail();

            return $move();
        });
    }
}
