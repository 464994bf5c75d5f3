<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\RatedOutput;
use Jornel\Core\Finder\DesignSpaces;
use Jornel\Core\Finder\EvaluatedSpace;
use Jornel\Core\Finder\Found;
use Jornel\Core\Finder\Limit;
use Jornel\Core\Finder\Limits;
use Jornel\Core\Finder\Pick;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\SearchResult;
use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Sound\Seat;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** What is kept from one question to the next changes no answer. */
final class DesignSpaceTest extends TestCase
{
    private const PARTS = ['box-20-plain', 'pc-120', 'drum-18', '20x20x1-g13-economy', '20x20x1-g13-dense', '20x20x2-g13', '16x25x1-g13-economy', '24x24x4-g13', 'duct-tape', 'hot-glue', 'zip-ties'];

    private static ?Catalogue $catalogue = null;

    public function test_every_question_has_the_answer_that_it_has_alone_whatever_was_asked_before(): void
    {
        [$spaces, $crowded] = [new DesignSpaces(1, 20), new DesignSpaces(1, 1)];
        $questions = self::questions();
        // There and back again, so that each comes after others.
        foreach ([...array_keys($questions), ...array_reverse(array_keys($questions))] as $name) {
            $alone = Search::answer($questions[$name]);
            self::assertNotSame([], [...$alone->front, ...$alone->misfits], $name);
            foreach ([$spaces, $crowded] as $kept) {
                self::assertSame(self::told($alone), self::told(Search::answer($questions[$name], null, $kept->of($questions[$name]))), $name);
            }
        }
    }

    public function test_questions_share_a_space_that_differ_in_room_limits_stock_and_prices_alone(): void
    {
        $key = self::question()->spaceKey();
        foreach (self::questions() as $name => $question) {
            self::assertSame($key, $question->spaceKey(), $name);
        }
        $others = [
            'air' => self::question(air: Air::at(1500.0, 293.15)),
            'shapes' => self::question(range: new Range(['cube' => Shapes::get('cube')], 2, 11)),
            'grade' => self::question(range: new Range(self::shapes(), 2, 14)),
            'prefilters' => self::question(range: new Range(self::shapes(), 2, 11, true)),
            'parts' => self::question(catalogue: Sample::catalogue()),
        ];
        foreach ($others as $name => $question) {
            self::assertNotSame($key, $question->spaceKey(), $name);
        }
    }

    public function test_a_search_that_is_ended_halfway_leaves_nothing_half_known(): void
    {
        $question = self::question();
        $design = $question->space();
        $space = new EvaluatedSpace($design, $question);
        foreach ($design->families() as $number => $figures) {
            if ($number === 20) {
                break;
            }
        }
        self::assertSame([], $space->misfits());
        self::assertFalse($space->isKnown());
        self::assertNull($design->mostPieces());
        foreach ([0, 1, 2] as $breath) {
            try {
                Search::answer($question, function () use (&$breath): void {
                    if ($breath-- === 0) {
                        throw new RuntimeException('Nobody waits.');
                    }
                }, $space);
            } catch (RuntimeException $ended) {
                self::assertSame('Nobody waits.', $ended->getMessage());
            }
        }

        self::assertSame(self::told(Search::answer($question)), self::told(Search::answer($question, null, $space)));
    }

    public function test_questions_share_evaluations_that_differ_in_room_goal_and_limits_of_numbers_alone(): void
    {
        $space = self::question()->space();
        iterator_to_array($space->families());
        self::assertSame(12, $space->mostPieces(), 'fans of an array');
        $key = fn (SearchProblem $question): string => EvaluatedSpace::key($space, $question);
        $questions = self::questions();
        foreach (['a small room', 'cleared in time', 'quiet', 'surer'] as $name) {
            self::assertSame($key($questions['as it is']), $key($questions[$name]), $name);
        }
        foreach (['a large one with a purifier', 'from a seat', 'stock', 'more stock', 'dear power', 'few tools, small, from stock', 'one unit'] as $name) {
            self::assertNotSame($key($questions['as it is']), $key($questions[$name]), $name);
        }
        $fans = fn (int $pieces): SearchProblem => self::question(stock: Stock::of(['box-20-plain' => $pieces, 'duct-tape' => 1]));
        self::assertNotSame($key($fans(4)), $key($fans(5)));
        // Two units take no more than so many of any part, be it filter and prefilter at once.
        self::assertSame($key($fans(48)), $key($fans(500)));
        $tape = fn (int $pieces): SearchProblem => self::question(stock: Stock::of(['duct-tape' => $pieces]));
        self::assertNotSame($key($tape(48)), $key($tape(500)));
    }

    public function test_the_least_recently_used_space_is_given_up(): void
    {
        $spaces = new DesignSpaces(2);
        [$first, $second, $third] = [self::question(), self::question(air: Air::at(1500.0, 293.15)), self::question(range: new Range(['cube' => Shapes::get('cube')]))];
        $kept = $spaces->of($first);
        $givenUp = $spaces->of($second);
        self::assertSame($kept, $spaces->of($first));
        $last = $spaces->of($third);

        self::assertSame([$kept, $last], [$spaces->of($first), $spaces->of($third)]);
        self::assertNotSame($givenUp, $spaces->of($second));
        self::assertSame($last, $spaces->of($third));
        $spaces->clear();
        self::assertNotSame($last, $spaces->of($third));
    }

    /** @return array<string, SearchProblem> */
    private static function questions(): array
    {
        $held = Limits::none()->withTools(['tape measure', 'knife', 'marker', 'tape'])->withSkills(['taping']);

        return [
            'as it is' => self::question(),
            'a small room' => self::question(room: [4.0, 3.0, 2.4]),
            'a large one with a purifier' => self::question(room: [12.0, 9.0, 3.0], there: Purifiers::none()->and(RatedOutput::of(new BoughtPurifier('Bought', 0.05), Sample::data()->tolerances()), 1, 40.0, 30.0)),
            'cleared in time' => self::question(goal: 'clear-90-in-30'),
            'from a seat' => self::question(seat: Seat::at(3.0, 120.0)),
            'stock' => self::question(stock: Stock::of(['box-20-plain' => 2, '20x20x1-g13-dense' => 6, 'duct-tape' => 1, 'board-24x36' => 2])),
            'more stock' => self::question(stock: Stock::of(['box-20-plain' => 1, 'hot-glue' => 3])),
            'dear power' => self::question(economy: Economy::of(BigDecimal::of('0.41'), 12.0, 3.0, 6)),
            'quiet' => self::question(limits: Limits::none()->atMost(Limit::Level, 48.0)),
            'few tools, small, from stock' => self::question(limits: $held->fromStock()->atMost(Limit::Footprint, 0.5), stock: Stock::of(['box-20-plain' => 2, '20x20x1-g13-economy' => 8])),
            'surer' => self::question(sure: 0.9),
            'one unit' => self::question(range: new Range(self::shapes(), 1, 11)),
        ];
    }

    /** @param  array{float, float, float}  $room  m */
    private static function question(
        array $room = [8.0, 6.0, 2.8],
        string $goal = 'air-changes-3',
        ?Limits $limits = null,
        ?Range $range = null,
        ?Air $air = null,
        ?Economy $economy = null,
        ?Seat $seat = null,
        ?Stock $stock = null,
        float $sure = 0.75,
        ?Purifiers $there = null,
        ?Catalogue $catalogue = null,
    ): SearchProblem {
        $all = Sample::catalogue();
        $catalogue ??= self::$catalogue ??= Catalogue::fromEntries($all->entries([...self::PARTS, ...array_map(strval(...), array_keys($all->materials))]));

        return new SearchProblem(
            Sample::room(...$room), Sample::data()->targets()->get($goal), $catalogue, $limits ?? Limits::none(), $range ?? new Range(self::shapes(), 2, 11),
            $air ?? Air::reference(), $economy ?? Economy::withoutEnergy(), $seat ?? Seat::atOneMetre(), $stock ?? Stock::none(), Sample::data()->tolerances(), $sure, $there,
        );
    }

    /** @return array<string, \Jornel\Core\Shape\Shape> */
    private static function shapes(): array
    {
        return array_intersect_key(Shapes::all(), ['cube' => 1, 'flat-panel' => 1, 'array-box' => 1, 'tall-box' => 1]);
    }

    /** @return array<string, mixed> all that it says */
    private static function told(SearchResult $answer): array
    {
        $build = fn (?Found $found): array => $found === null ? [] : [$found->code, $found->share, $found->chance(), (array) $found->measures];

        return [
            'front' => array_map($build, $answer->front),
            'bests' => array_map(fn (Pick $pick): array => $build($answer->bests->at($pick)), Pick::cases()),
            'without' => array_map(fn ($bests): array => [$build($bests->nearest()), ...array_map(fn (Pick $pick): array => $build($bests->at($pick)), Pick::cases())], $answer->without),
            'misfits' => array_map(fn ($misfit): array => (array) $misfit, $answer->misfits),
            'counts' => (array) $answer->counts,
        ];
    }
}
