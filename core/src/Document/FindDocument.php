<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\AirForm;
use Jornel\Core\Document\Schema\FindForms;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\PlacementForms;
use Jornel\Core\Document\Schema\RoomForms;
use Jornel\Core\Finder\Binding;
use Jornel\Core\Finder\Found;
use Jornel\Core\Finder\Pick;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\SearchResult;
use Jornel\Core\Finder\Space\Misfit;
use Jornel\Core\Finder\Wish;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Money;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Measurements;

/** Which builds reach the goal of a room within limits: those that no other beats, the best at each thing, what binds. */
final readonly class FindDocument implements Document
{
    /** Reasons of misfits that are told where the document asks for no number. */
    private const REASONS = 20;

    private function __construct(private SearchProblem $question, private int $reasons)
    {
    }

    public static function kind(): string
    {
        return 'find';
    }

    public static function form(): Form
    {
        return Form::about('A room, its goal, and what builds are held to')
            ->object('air', AirForm::form())
            ->object('room', RoomForms::room())
            ->text('goal', 'A target: air-changes-5, room-size, hold-12, ...')
            ->object('limits', FindForms::limits())
            ->object('range', FindForms::range())
            ->flag('trials', 'Whether joinings are taken that are a trial and no build, such as suction alone')
            ->number('sure', ['minimum' => SearchProblem::SURE_RANGE[0], 'maximum' => SearchProblem::SURE_RANGE[1]], 'Chance to reach the goal that is asked for, 0.75 where not given')
            ->list('placements', PlacementForms::placement()->schema(), 'What stands there already: builds to add to it are looked for', 0)
            ->list('stock', FindForms::stock(), 'Available pieces, not reserved for anything else', 0)
            ->list('pollutants', RoomForms::pollutant(), 'Of one’s own', 0)
            ->object('economy', FindForms::economy())
            ->count('reasons', ['minimum' => 0], 'Of misfits that are told, 20 where not given')
            ->requires('room', 'goal');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $asked = self::read($document, $data);

        return $asked->told(Search::answer($asked->question));
    }

    public static function read(Record $document, DataFiles $data): self
    {
        return new self((new QuestionReader($document, $data))->question(), (int) ($document->optional('reasons', -1.0)->si ?? self::REASONS));
    }

    public function question(): SearchProblem
    {
        return $this->question;
    }

    /** @return array<string, mixed> */
    public function told(SearchResult $answer): array
    {
        $bests = array_map(fn (Pick $pick): ?Found => $answer->bests->at($pick), Pick::cases());

        return [
            'counts' => [
                'generated' => $answer->counts->generated,
                'beyond_limits' => $answer->counts->beyondLimits,
                'short_of_goal' => $answer->counts->shortOfGoal,
                'beaten' => $answer->counts->beaten,
                'solved' => $answer->counts->solved,
                'builds' => count($answer->front),
            ],
            'picks' => array_values(array_filter(array_map(
                fn (Pick $pick, ?Found $found): ?array => $found === null ? null : ['pick' => $pick->value] + self::build($found),
                Pick::cases(), $bests,
            ))),
            'builds' => array_map(self::build(...), $answer->front),
            'binding' => array_map($this->binding(...), Binding::all($answer, $this->question->limits)),
            'left_out' => array_map(
                fn (Misfit $misfit): array => ['shape' => $misfit->shape, 'reason' => $misfit->reason, 'count' => $misfit->count],
                array_slice($answer->misfits, 0, $this->reasons),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function build(Found $found): array
    {
        $design = $found->design;
        $measures = $found->measures;

        return [
            'shape' => $design->shape->id(),
            'options' => $design->options === [] ? new \stdClass : $design->options,
            'fan' => $design->fan->id,
            'fans' => $design->shape->fanCount($design),
            'filter' => $design->filter->id,
            'filters' => $design->shape->filterCount($design),
        ]
            + ($design->prefilter === null ? [] : ['prefilter' => $design->prefilter->id])
            + [
                'corners' => $design->corners->value,
                'joining' => $design->joining->id,
                'units' => $found->units,
                'speed' => $found->speedName(),
                'share_of_goal' => $found->share,
                'chance' => $found->chance(),
                'level_at_seat_dba' => $measures->level,
                'first_cost' => (string) Money::ofHundredths($measures->firstCost),
                'running_cost' => (string) Money::ofHundredths($measures->running),
                'total_cost' => number_format($measures->totalCost() / 100.0, 2, '.', ''),
                'footprint_m2' => $measures->footprint,
                'height_m' => $measures->height,
                'power_w' => $measures->power,
                'work_min' => $measures->minutes,
                'tipping_degrees' => Measurements::of($design)->tipping,
                'stands' => $design->stand()->value,
                'lasts_months' => $found->lastsMonths,
            ];
    }

    /** @return array<string, mixed> */
    private function binding(Binding $binding): array
    {
        return [
            'limit' => $binding->limit->value,
            'text' => $binding->text->text(System::Metric),
            'keeps_out' => array_map(
                fn (Wish $wish): array => ['text' => $wish->text->text(System::Metric)] + ($wish->pick === null ? [] : ['pick' => $wish->pick->value]) + ['build' => self::build($wish->found)],
                $binding->wishes,
            ),
        ];
    }
}
