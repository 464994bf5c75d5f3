<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Programme;
use App\Models\Version;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\CutPlanEntry;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Part\Catalogue;

/** One list for several rooms: what their builds take, less what is in stock for them or in them already. */
final readonly class Shopping
{
    /** Builds that one list is made for. */
    public const MOST = 100;

    public function __construct(private PlanKit $plan, private Shelf $shelf)
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
        $builds = Build::query()->with(['latest.build.room.site.programme.parts']);
        $builds->whereIn('builds.id', $this->latest($programme, $rooms)->selectRaw('MAX(builds.id)'))->orderBy('builds.id')->limit(self::MOST);

        return array_values($builds->get()->map(fn (Build $build): Version => $build->latest)->all());
    }

    /**
     * How many rooms with a build are more than one list is made for.
     *
     * @param  list<int>|null  $rooms  null for all
     */
    public function beyond(Programme $programme, ?array $rooms = null): int
    {
        return max(0, $this->latest($programme, $rooms)->select('rooms.id')->get()->count() - self::MOST);
    }

    /** @param  list<int>|null  $rooms */
    private function latest(Programme $programme, ?array $rooms): Builder
    {
        $builds = DB::table('builds')->join('rooms', 'rooms.id', 'builds.room_id')->join('sites', 'sites.id', 'rooms.site_id')
            ->where('sites.programme_id', $programme->id)->whereNull('rooms.deleted_at')->whereNull('sites.deleted_at')->groupBy('rooms.id');

        return $rooms === null ? $builds : $builds->whereIn('rooms.id', $rooms);
    }

    /**
     * @param  non-empty-list<Version>  $versions
     * @param  Closure(float): void|null  $meanwhile  told how far it is, 0 to 1; what it throws ends the work
     */
    public function kit(Programme $programme, array $versions, ?Closure $meanwhile = null): Kit
    {
        $made = array_map($this->plan->order(...), $versions);
        $orders = array_column($made, 'order');
        $catalogues = array_column($made, 'catalogue');
        $catalogue = array_reduce(array_slice($catalogues, 1), fn (Catalogue $all, Catalogue $one): Catalogue => $all->overlaidBy($one), $catalogues[0]);
        $stock = $this->shelf->stockFor($programme, array_map(fn (Version $version): int => $version->build_id, $versions));

        return Kit::of($orders, $catalogue, CutPlanEntry::usual()->terms->with($this->plan->offcuts($programme)), $stock, $meanwhile);
    }

    /**
     * Builds in which the sizes measured since do not go together, so that they are cut by those they were saved with, and why.
     *
     * @param  list<Version>  $versions
     * @return list<string>
     */
    public function misfits(array $versions): array
    {
        $told = [];
        foreach ($versions as $version) {
            $misfit = $this->plan->order($version)->misfit;
            if ($misfit !== null) {
                $told[] = "{$version->build->room->name}, {$version->build->name}: {$misfit->getMessage()}";
            }
        }

        return $told;
    }
}
