<?php

namespace App\Http\Stock;

use App\Models\Build;
use App\Models\Programme;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BuildName', description: 'A build as it is called among those of all rooms')]
final readonly class BuildNameData
{
    /** As many as are looked through; more are found by their words. */
    public const MOST = 50;

    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
    ) {
    }

    /**
     * Those of rooms that are there, and before them those of deleted rooms for which pieces are still reserved, so that they
     * can be given back.
     *
     * @param  string  $search  words of the room or the build, in any order
     * @return list<self>
     */
    public static function find(Programme $programme, string $search): array
    {
        $builds = Build::query()->with('room');
        $builds->select('builds.*')
            ->join('rooms', 'rooms.id', 'builds.room_id')->join('sites', 'sites.id', 'rooms.site_id')
            ->where('sites.programme_id', $programme->id)
            ->where(fn (Builder $either) => $either->whereNull('rooms.deleted_at')->orWhereIn(
                'builds.id', DB::table('stock_holdings')->where('programme_id', $programme->id)->where('reserved', '>', 0)->select('build_id'),
            ));
        foreach (preg_split('/\s+/u', $search, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $builds->where(fn (Builder $either) => $either->where('rooms.name', 'like', $like)->orWhere('builds.name', 'like', $like));
        }
        $builds->orderByRaw('rooms.deleted_at IS NULL')->orderByDesc('builds.id')->limit(self::MOST);

        return array_values($builds->get()->map(fn (Build $build): self => new self($build->id, $build->titleInProgramme()))->all());
    }
}
