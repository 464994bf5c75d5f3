<?php

namespace App\Http\Programme;

use App\Actions\Remember;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Room;
use Illuminate\Support\Collection;
use OpenApi\Attributes as OA;
use Spatie\Activitylog\Models\Activity;

#[OA\Schema(schema: 'Activities', description: 'Who did what when in a programme, the latest first, a page of it')]
final readonly class ActivityPageData
{
    private const PER_PAGE = 50;

    /** @param  list<array{id: int, person: string, text: string, room: int|null, at: string}>  $activities */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['id', 'person', 'text', 'room', 'at'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'person', type: 'string', description: 'Empty for nobody who is still here'),
            new OA\Property(property: 'text', type: 'string', description: 'What they did, after their name'),
            new OA\Property(property: 'room', type: 'integer', nullable: true, description: 'That it happened to'),
            new OA\Property(property: 'at', type: 'string', format: 'date-time'),
        ]))] public array $activities,
        #[OA\Property(description: 'Whether there are earlier ones')] public bool $has_earlier,
    ) {
    }

    public static function of(Programme $programme, ?int $before, ?int $room): self
    {
        $activities = Activity::query()->with('causer')->where('log_name', Remember::log($programme));
        if ($before !== null) {
            $activities->where('id', '<', $before);
        }
        if ($room !== null) {
            $activities->where('subject_type', (new Room)->getMorphClass())->where('subject_id', $room);
        }
        $activities->orderByDesc('id')->limit(self::PER_PAGE + 1);
        /** @var Collection<int, Activity> $page */
        $page = $activities->get();

        $told = [];
        foreach ($page->take(self::PER_PAGE) as $one) {
            /** @var array<string, string|int> $named */
            $named = $one->properties?->all() ?? [];
            $text = trans("activity.{$one->event}", $named);
            $told[] = [
                'id' => (int) $one->id, 'person' => $one->causer instanceof Person ? $one->causer->name : '', 'text' => is_string($text) ? $text : '',
                'room' => $one->subject_id === null ? null : (int) $one->subject_id, 'at' => (string) $one->created_at?->toIso8601String(),
            ];
        }

        return new self($told, $page->count() > self::PER_PAGE);
    }
}
