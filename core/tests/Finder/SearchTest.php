<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\RatedOutput;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Finder\BestBuilds;
use Jornel\Core\Finder\Found;
use Jornel\Core\Finder\Limit;
use Jornel\Core\Finder\Limits;
use Jornel\Core\Finder\Pick;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Shape\WindowOpening;
use Jornel\Core\Sound\Seat;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The finder against an enumeration of everything, on seeded pieces of the catalogue. */
final class SearchTest extends TestCase
{
    private const KEYS = [
        'cheapest' => 'total_cost', 'least-to-buy' => 'first_cost', 'quietest' => 'level', 'smallest' => 'footprint',
        'least-to-run' => 'running', 'least-power' => 'power', 'quickest-to-build' => 'minutes',
    ];

    /** @return iterable<string, array{int, string}> */
    public static function pieces(): iterable
    {
        foreach (['cube', 'flat-panel wedge', 'array-box', 'tall-box', 'duct-box raised-cube', 'slim-tower', 'window-insert stacked-panel', 'drawer tote', 'ring bucket'] as $seed => $shapes) {
            yield "{$shapes}, seed {$seed}" => [$seed, $shapes];
        }
    }

    #[DataProvider('pieces')]
    public function test_it_finds_what_an_enumeration_of_everything_finds(int $seed, string $shapes): void
    {
        [$question, $limits] = self::question($seed, $shapes);
        $brute = new BruteForce($question($limits['tools and skills']));
        self::assertGreaterThan(200, $brute->candidates);
        self::assertNotSame([], $brute->reaching, 'the goal is out of reach of this piece of the catalogue');
        foreach ($limits as $name => $limit) {
            $answer = Search::answer($question($limit));
            self::assertSame($brute->candidates, $answer->counts->generated, $name);
            self::assertSame($brute->front($limit), self::codes($answer->front), "{$name}: the front");
            self::assertSame($brute->bests($limit, array_values(self::KEYS)), self::bests($answer->bests), "{$name}: the best at each thing");
            foreach ($limit->set() as $one) {
                $without = $answer->without[$one->value];
                self::assertSame($brute->bests($limit->without($one), array_values(self::KEYS)), self::bests($without), "{$name}: without {$one->value}");
                self::assertSame($brute->bests($limit->without($one), [$one->value])[$one->value], $without->nearest()?->code, "{$name}: nearest to {$one->value}");
            }
            self::assertSame(
                $answer->counts->generated,
                $answer->counts->solved + $answer->counts->beaten + $answer->counts->beyondLimits + $answer->counts->shortOfGoal,
                "{$name}: every candidate is told once",
            );
        }
    }

    public function test_builds_that_give_plenty_and_are_not_sure_all_the_same_are_not_found(): void
    {
        [$question] = self::question(7, 'wedge drawer');
        $rows = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/data/reference/tolerances.json'), true, flags: JSON_THROW_ON_ERROR)['quantities'];
        $asked = $question(Limits::none());
        $wide = self::with($asked, Tolerances::fromRows(array_map(fn (array $row): array => array_map(fn (float|int $deviation): float => 6.0 * $deviation, $row), $rows)));
        $brute = new BruteForce($wide);
        $plenty = array_filter(Search::answer($asked)->front, fn (Found $found): bool => $found->share > 1.4);
        self::assertNotSame([], $plenty);
        $answer = Search::answer($wide);
        self::assertSame($brute->front(Limits::none()), self::codes($answer->front));
        self::assertNotSame([], array_diff(self::codes($plenty), array_column($brute->reaching, 'code')), 'some that give plenty are not sure');
    }

    /** The same question of parts whose figures are less sure. */
    private static function with(SearchProblem $question, Tolerances $tolerances): SearchProblem
    {
        return new SearchProblem(
            $question->room, $question->goal, $question->catalogue, $question->limits, $question->range, $question->air, $question->economy, $question->seat,
            $question->stock, $tolerances, $question->sure,
        );
    }

    /** @return array<string, string|null> codes by key */
    private static function bests(BestBuilds $bests): array
    {
        return array_combine(array_values(self::KEYS), array_map(fn (string $pick): ?string => $bests->at(Pick::from($pick))?->code, array_keys(self::KEYS)));
    }

    /**
     * A piece of the catalogue drawn by a seed, with limits that bind somewhere in the middle of what it can do.
     *
     * @return array{callable(Limits): SearchProblem, array<string, Limits>}
     */
    private static function question(int $seed, string $shapes): array
    {
        $draw = new Randomizer(new Mt19937($seed));
        $data = new DataFiles(dirname(__DIR__, 3).'/data');
        $all = $data->catalogue();
        $shapes = array_map(fn (string $id) => Shapes::get($id), array_combine(explode(' ', $shapes), explode(' ', $shapes)));
        $some = fn (array $parts, int $count): array => array_slice($draw->shuffleArray(array_keys($parts)), 0, $count);
        [$fans, $filters] = self::thatFit($all, $shapes, $draw);
        $held = array_filter($all->joinings, fn (Joining $joining): bool => array_filter(array_keys($shapes), $joining->holds(...)) !== []);
        $joinings = $some($held, $seed === 3 ? 1 : 2);
        $catalogue = Catalogue::fromEntries($all->entries([...$fans, ...$filters, ...$joinings, ...array_map(strval(...), array_keys($all->materials))]));
        $stock = $seed % 2 === 0 ? Stock::none() : Stock::of([$fans[0] => 2, $filters[0] => 5, 'duct-tape' => 1, 'board-24x36' => 1, 'painters-tape' => 1]);
        $room = isset($shapes['ring']) ? Sample::room(3.0, 3.0, 2.4) : Sample::room();
        $goal = $data->targets()->get(match (true) {
            isset($shapes['ring']) => 'air-changes-1',
            $seed % 3 === 2 => 'clear-90-in-30',
            default => 'air-changes-3',
        });
        $seat = $seed % 2 === 0 ? Seat::atOneMetre() : Seat::at(2.4, $room->surface());
        // Every fourth piece is added to what in the room: a bought purifier.
        $there = $seed % 4 !== 1 ? Purifiers::none() : Purifiers::none()->and(RatedOutput::of(new BoughtPurifier('Bought', 0.02), $data->tolerances()), 2, 44.0, 30.0);
        $range = new Range($shapes, $seed === 3 ? 2 : 3, $seed % 4 === 3 ? null : 11, $seed % 2 === 1, isset($shapes['window-insert']) ? WindowOpening::of(1.1, 0.7) : null);
        $question = fn (Limits $limits): SearchProblem => new SearchProblem($room, $goal, $catalogue, $limits, $range, Air::at(300.0, 298.15), Economy::of(BigDecimal::of('0.31'), 9.0, 2.0, 3), $seat, $stock, $data->tolerances(), [0.5, 0.75, 0.9][$seed % 3], $there);
        $free = Search::answer($question(Limits::none()))->front;
        $values = fn (Limit $limit): array => array_map(fn (Found $found): float => $found->measures->of($limit), $free);
        $middle = function (Limit $limit, float $share) use ($values): float {
            $sorted = $values($limit);
            sort($sorted);

            return $sorted === [] ? 1.0 : $sorted[(int) (($share) * (count($sorted) - 1))];
        };
        $alone = [];
        foreach ([Limit::Level, Limit::FirstCost, Limit::TotalCost, Limit::Footprint, Limit::Height, Limit::Power, Limit::Minutes] as $limit) {
            $alone[$limit->value] = Limits::none()->atMost($limit, $middle($limit, 0.4));
        }
        $tools = Limits::none()->withTools(['tape measure', 'straightedge', 'knife', 'marker', 'tape', 'tissue', 'scissors'])->withSkills(['cutting', 'taping']);

        return [$question, [
            'none' => Limits::none(),
            ...$alone,
            'tools and skills' => $tools,
            'stock' => $tools->fromStock(),
            'quiet and cheap' => $tools->atMost(Limit::Level, $middle(Limit::Level, 0.2))->atMost(Limit::FirstCost, $middle(Limit::FirstCost, 0.2)),
            'nothing does it' => $tools->atMost(Limit::Level, $middle(Limit::Level, 0.0) - 1.0)->atMost(Limit::TotalCost, $middle(Limit::TotalCost, 0.5)),
            'all at once' => array_reduce(Limit::cases(), fn (Limits $limits, Limit $limit): Limits => in_array($limit, [Limit::Tools, Limit::Skills, Limit::Stock], true) ? $limits : $limits->atMost($limit, $middle($limit, 0.6)), $tools),
        ]];
    }

    /**
     * Two fans and some filters of which each shape can be made, other media of the same sizes among them.
     *
     * @param  array<string, Shape>  $shapes
     * @return array{list<string>, list<string>} ids
     */
    private static function thatFit(Catalogue $all, array $shapes, Randomizer $draw): array
    {
        [$fans, $filters] = [[], []];
        foreach ($shapes as $shape) {
            $pairs = [];
            foreach ($all->fans as $fan) {
                foreach ($all->filters as $filter) {
                    try {
                        (new Design($shape, $fan, $filter, $all->joining('duct-tape'), Corners::Shroud, options: $shape->ways()[0]))->assemble();
                        $pairs[] = [$fan->id, $filter->id];
                    } catch (DoesNotFit) {
                        continue;
                    }
                }
            }
            foreach (array_slice($draw->shuffleArray($pairs), 0, 2) as [$fan, $filter]) {
                $fans[] = $fan;
                $filters[] = $filter;
            }
        }
        foreach ($filters as $id) {
            $alike = array_filter($all->filters, fn (Filter $one): bool => $one->nominal === $all->filter($id)->nominal || $one->grade->id === 'coarse' && $one->matches($all->filter($id)));
            array_push($filters, ...array_slice($draw->shuffleArray(array_map(strval(...), array_keys($alike))), 0, 3));
        }

        return [array_values(array_unique($fans)), array_values(array_unique($filters))];
    }

    /**
     * @param  list<Found>  $front
     * @return list<string>
     */
    private static function codes(array $front): array
    {
        $codes = array_map(fn (Found $found): string => $found->code, $front);
        sort($codes);

        return $codes;
    }
}
