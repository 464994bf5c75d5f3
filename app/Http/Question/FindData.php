<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Finder\Axis;
use Jornel\Core\Finder\Binding;
use Jornel\Core\Finder\Found;
use Jornel\Core\Finder\Pick;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\SearchResult;
use Jornel\Core\Finder\Space\Misfit;
use Jornel\Core\Finder\Wish;
use Jornel\Core\Guide\Work;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Room\Room;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Find', description: 'Builds that reach the goal within the limits and that no other beats')]
final readonly class FindData
{
    private const REASONS = 12;

    /**
     * @param  list<array{key: string, name: string, marks: list<array{place: float, label: Shown}>}>  $axes
     * @param  list<FoundData>  $builds
     * @param  list<array{pick: string, name: string, build: FoundData}>  $picks
     * @param  list<array{limit: string, text: Shown, wishes: list<array{text: Shown, build: FoundData}>}>  $binding
     * @param  list<array{shape: string, reason: string, count: int}>  $left_out
     * @param  list<string>  $tools
     * @param  list<string>  $skills
     */
    private function __construct(
        #[OA\Property(description: 'Ways of putting the parts together that were looked at')] public int $generated,
        #[OA\Property] public int $solved,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['key', 'name', 'marks'], properties: [
            new OA\Property(property: 'key', type: 'string', enum: ['cost', 'level', 'share', 'footprint', 'power', 'minutes']), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'marks', type: 'array', items: new OA\Items(type: 'object', required: ['place', 'label'], properties: [
                new OA\Property(property: 'place', type: 'number'), new OA\Property(property: 'label', ref: Shown::class),
            ])),
        ]))] public array $axes,
        #[OA\Property(items: new OA\Items(ref: FoundData::class))] public array $builds,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['pick', 'name', 'build'], properties: [
            new OA\Property(property: 'pick', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'build', ref: FoundData::class),
        ]))] public array $picks,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['limit', 'text', 'wishes'], properties: [
            new OA\Property(property: 'limit', type: 'string'), new OA\Property(property: 'text', ref: Shown::class),
            new OA\Property(property: 'wishes', type: 'array', items: new OA\Items(type: 'object', required: ['text', 'build'], properties: [
                new OA\Property(property: 'text', ref: Shown::class), new OA\Property(property: 'build', ref: FoundData::class),
            ])),
        ]))] public array $binding,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['shape', 'reason', 'count'], properties: [
            new OA\Property(property: 'shape', type: 'string'), new OA\Property(property: 'reason', type: 'string'), new OA\Property(property: 'count', type: 'integer'),
        ]))] public array $left_out,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'Every tool that some build asks for')] public array $tools,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'Every skill')] public array $skills,
        #[OA\Property(nullable: true, description: 'How far from a unit the nearest seat is drawn; null where none is')] public ?Shown $nearest_seat,
    ) {
    }

    public static function of(SearchResult $answer, SearchProblem $question): self
    {
        $places = $axes = [];
        foreach (Axis::cases() as $axis) {
            $values = array_map($axis->value(...), $answer->front);
            $places[$axis->value] = $values === [] ? fn (float $value): float => 1.0 : $axis->places($values);
            $axes[] = ['key' => $axis->value, 'name' => $axis->measure()->label(), 'marks' => array_map(
                fn (float $value): array => ['place' => round($places[$axis->value]($value), 4), 'label' => Shown::sentence(Sentence::of('{figure}', figure: $axis->measure()->figure($value)))],
                $values === [] ? [] : $axis->marks($values),
            )];
        }
        $told = fn (Found $found): FoundData => FoundData::of($found, $places);
        $picks = [];
        foreach (Pick::cases() as $pick) {
            $found = $answer->bests->at($pick);
            if ($found !== null) {
                $picks[] = ['pick' => $pick->value, 'name' => $pick->label(! $question->stock->isEmpty()), 'build' => $told($found)];
            }
        }

        $seat = $question->room instanceof Room ? $question->room->plan->nearestSeat() : null;

        return new self(
            $answer->counts->generated, $answer->counts->solved, $axes, array_map($told, $answer->front), $picks,
            array_map(fn (Binding $binding): array => [
                'limit' => $binding->limit->value, 'text' => Shown::sentence($binding->text),
                'wishes' => array_map(fn (Wish $wish): array => ['text' => Shown::sentence($wish->text), 'build' => $told($wish->found)], $binding->wishes),
            ], Binding::all($answer, $question->limits)),
            array_map(fn (Misfit $misfit): array => ['shape' => $misfit->shape, 'reason' => $misfit->reason, 'count' => $misfit->count], array_slice($answer->misfits, 0, self::REASONS)),
            Work::TOOLS, Work::SKILLS,
            $seat === null ? null : Shown::of(Display::RoomLength, $seat),
        );
    }
}
