<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Fiber;
use Jornel\Core\Document\FindDocument;
use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchResult;
use Jornel\Core\Part\Record;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What is said of limits that keep something out. */
final class BindingTest extends TestCase
{
    private const ASKED = [
        'kind' => 'find',
        'room' => ['length_m' => 9, 'width_m' => 7, 'height_m' => 3, 'pollutant' => 'wildfire-pm25'],
        'goal' => 'air-changes-5',
        'range' => ['shapes' => ['cube'], 'fans' => ['box-20-plain', 'box-20-deep', 'circulator-12'], 'joinings' => ['duct-tape', 'hot-glue']],
    ];

    public function test_where_nothing_keeps_all_limits_the_nearest_to_each_is_told(): void
    {
        $answer = self::asked(['level_dba' => 45, 'first_cost' => 120]);

        self::assertSame([], $answer['builds']);
        [$level, $cost] = $answer['binding'];
        self::assertMatchesRegularExpression('/^At most 45 dBA at the seat\. No build meets this and all other limits\. The nearest has \d+ dBA there\.$/', $level['text']);
        self::assertMatchesRegularExpression('/^First cost at most 120\. No build meets this and all other limits\. The nearest costs \d+\.$/', $cost['text']);
        self::assertLessThanOrEqual(120.0, (float) $level['keeps_out'][0]['build']['first_cost']);
        self::assertLessThanOrEqual(45.0, $cost['keeps_out'][0]['build']['level_at_seat_dba']);
    }

    public function test_where_a_limit_binds_it_is_told_what_would_be_better_without(): void
    {
        $answer = self::asked(['level_dba' => 45]);

        self::assertNotSame([], $answer['builds']);
        self::assertSame('At most 45 dBA at the seat. Without this limit:', $answer['binding'][0]['text']);
        $cheapest = array_column($answer['binding'][0]['keeps_out'], null, 'pick')['least-to-buy'];
        self::assertMatchesRegularExpression('/^The lowest first cost would be \d+ instead of \d+\. It has \d+ dBA at the seat\.$/', $cheapest['text']);
        self::assertGreaterThan(45.0, $cheapest['build']['level_at_seat_dba']);
    }

    public function test_a_limit_that_keeps_nothing_out_is_not_told(): void
    {
        self::assertSame([], self::asked(['power_w' => 5000, 'height_m' => 5])['binding']);
    }

    public function test_stock_is_taken_from_before_anything_is_bought(): void
    {
        $least = fn (array $answer): array => array_column($answer['picks'], null, 'pick')['least-to-buy'];
        $bought = $least(self::asked([]));
        $stocked = $least(self::asked([], ['stock' => [['part' => $bought['fan'], 'pieces' => 4]]]));

        $price = (float) Sample::catalogue()->fan($bought['fan'])->packs[0]->price->toFloat();
        self::assertEqualsWithDelta((float) $bought['first_cost'] - $bought['units'] * $price, (float) $stocked['first_cost'], 1e-9);
        self::assertSame([], self::asked(['from_stock' => true])['builds']);
    }

    public function test_parts_that_do_not_fit_are_left_out_with_their_reason(): void
    {
        $reasons = array_column(self::asked([])['left_out'], 'reason');

        self::assertNotSame([], preg_grep('/^“Cube of four” takes square filters/', $reasons));
    }

    public function test_what_is_set_in_a_window_goes_into_the_one_that_the_room_has(): void
    {
        $asked = fn (array $window): array => self::asked([], ['range' => ['shapes' => ['window-insert'], 'windows' => true, 'window' => $window]]);
        [$wide, $narrow] = [$asked(['width_in' => 40, 'height_in' => 30]), $asked(['width_in' => 24, 'height_in' => 22])];

        self::assertNotSame([], $wide['builds']);
        self::assertLessThan(count($wide['builds']), count($narrow['builds']));
        self::assertNotSame([], preg_grep('/the window is/', array_column($narrow['left_out'], 'reason')));
    }

    public function test_the_answer_of_two_halves_is_that_of_the_whole(): void
    {
        $asked = FindDocument::read(new Record(['limits' => ['level_dba' => 50, 'first_cost' => 300]] + self::ASKED + ['from' => 'rated']), Sample::data());
        $question = $asked->question();
        $halves = array_map(fn (int $part): SearchResult => Search::part($question, $part, 2), [0, 1]);
        $whole = $asked->told(Search::answer($question));
        $together = $asked->told(SearchResult::together($question, $halves));

        foreach (['picks', 'builds', 'binding', 'left_out'] as $key) {
            self::assertEquals($whole[$key], $together[$key], $key);
        }
        self::assertSame($whole['counts']['generated'], $together['counts']['generated']);
    }

    public function test_halves_that_tell_each_other_what_they_found_look_less_and_find_the_same(): void
    {
        $asked = FindDocument::read(new Record(self::ASKED + ['from' => 'rated']), Sample::data());
        $question = $asked->question();
        $apart = array_map(fn (int $part): SearchResult => Search::part($question, $part, 2), [0, 1]);
        $tell = fn (array $news): array => (array) Fiber::suspend($news);
        $fibers = array_map(fn (int $part): Fiber => new Fiber(fn (): SearchResult => Search::part($question, $part, 2, $tell)), [0, 1]);
        $news = array_map(fn (Fiber $fiber): mixed => $fiber->start(), $fibers);
        while (! $fibers[0]->isTerminated()) {
            $news = [$fibers[0]->resume($news[1]), $fibers[1]->resume($news[0])];
        }
        $halves = array_map(fn (Fiber $fiber): SearchResult => $fiber->getReturn(), $fibers);
        [$whole, $together] = [$asked->told(Search::answer($question)), $asked->told(SearchResult::together($question, $halves))];

        foreach (['picks', 'builds', 'binding', 'left_out'] as $key) {
            self::assertEquals($whole[$key], $together[$key], $key);
        }
        $solved = fn (array $answers): int => array_sum(array_map(fn (SearchResult $answer): int => $answer->counts->solved, $answers));
        self::assertLessThan($solved($apart), $solved($halves));
    }

    /**
     * @param  array<string, mixed>  $limits
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function asked(array $limits, array $more = []): array
    {
        return Documents::answer($more + ['limits' => $limits === [] ? ['power_w' => 1e6] : $limits] + self::ASKED, Sample::data());
    }
}
