<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Programme;
use App\Models\Version;
use Closure;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\Catalogue;

/** One list for several rooms: what their builds take, less what is in stock for them or in them already. */
final readonly class Shopping
{
    /** Builds that one list is made for. */
    public const MOST = 60;

    public function __construct(private PlanKit $plan)
    {
    }

    /**
     * The latest version of the latest build of each room.
     *
     * @param  list<int>|null  $rooms  null for all
     * @return list<Version>
     */
    public function versions(Programme $programme, ?array $rooms = null): array
    {
        $latest = DB::table('builds')->join('rooms', 'rooms.id', 'builds.room_id')->join('sites', 'sites.id', 'rooms.site_id')
            ->where('sites.programme_id', $programme->id)->whereNull('rooms.deleted_at')->whereNull('sites.deleted_at');
        if ($rooms !== null) {
            $latest->whereIn('rooms.id', $rooms);
        }
        $builds = Build::query()->with(['latest.build.room.site.programme.parts']);
        $builds->whereIn('builds.id', $latest->groupBy('rooms.id')->selectRaw('MAX(builds.id)'))->orderBy('builds.id')->limit(self::MOST);

        return array_values($builds->get()->map(fn (Build $build): Version => $build->latest)->all());
    }

    /**
     * @param  non-empty-list<Version>  $versions
     * @param  Closure(float): void|null  $meanwhile  told how far it is, 0 to 1; what it throws ends the work
     */
    public function kit(Programme $programme, array $versions, ?Closure $meanwhile = null): Kit
    {
        $orders = array_map($this->plan->order(...), $versions);
        $catalogues = array_map($this->plan->catalogue(...), $versions);
        $catalogue = array_reduce(array_slice($catalogues, 1), fn (Catalogue $all, Catalogue $one): Catalogue => $all->overlaidBy($one), $catalogues[0]);

        return Kit::of($orders, $catalogue, [...Kit::cartons($orders), ...$this->plan->offcuts($programme)], null, Kit::KERF, 0.005, $this->stock($programme, $versions), [], $meanwhile);
    }

    /**
     * Pieces that these builds may count on: those on the shelf that no other build has reserved, and those in them already.
     *
     * @param  list<Version>  $versions
     */
    private function stock(Programme $programme, array $versions): Stock
    {
        $builds = array_map(fn (Version $version): int => $version->build_id, $versions);
        $pieces = [];
        foreach (DB::table('stock_levels')->where('programme_id', $programme->id)->get(['code', 'on_hand']) as $level) {
            $pieces[$level->code] = ($pieces[$level->code] ?? 0) + (int) $level->on_hand;
        }
        foreach (DB::table('stock_holdings')->where('programme_id', $programme->id)->get(['code', 'build_id', 'reserved', 'used']) as $held) {
            $pieces[$held->code] = ($pieces[$held->code] ?? 0) + (in_array((int) $held->build_id, $builds, true) ? (int) $held->used : -(int) $held->reserved);
        }

        return Stock::of($pieces);
    }
}
