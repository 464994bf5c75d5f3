<?php

namespace Tests\Feature;

use App\Actions\Find;
use App\Console\Commands\FinderCommand;
use App\Finder\SearchProcess;
use App\Finder\Service\FinderClient;
use App\Finder\Service\FinderService;
use App\Finder\Service\Message;
use App\Finder\Service\NobodyWaits;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\SearchResult;
use Jornel\Core\Quantity\System;
use Symfony\Component\Process\Process;

/** The finder kept running: it answers as a search from nothing does, and nothing that happens to one question harms the next. */
class FinderServiceTest extends FeatureTestCase
{
    private string $folder;

    private Process $service;

    private FinderClient $client;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/finder-'.bin2hex(random_bytes(4));
        mkdir($this->folder, 0700);
        $this->client = new FinderClient("{$this->folder}/socket");
        $this->start();
    }

    protected function tearDown(): void
    {
        $this->service->stop(0.0, SIGKILL);
        array_map(unlink(...), (array) glob("{$this->folder}/*"));
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_it_answers_one_question_after_the_other_as_a_search_from_nothing_does(): void
    {
        foreach ([$this->question(), $this->question('100'), $this->question('6', '47 dBA')] as $question) {
            self::assertSame(self::told(Search::answer($question)), self::told($this->client->answer($question, fn () => null)));
        }
        self::assertSame(0600, fileperms("{$this->folder}/socket") & 0777);
    }

    public function test_what_is_known_of_the_shipped_parts_serves_whoever_has_no_others_whatever_their_room(): void
    {
        $find = $this->app->make(Find::class);
        $room = $this->room();
        $usual = $find(FinderCommand::ROOM, 'per-person', [], System::Metric, null, null);
        $spaces = (new FinderService("{$this->folder}/none", "{$this->folder}/nothing", [$usual]))->warmedUp();
        $drawn = ['outline' => [['x' => 0, 'y' => 0], ['x' => 6, 'y' => 0], ['x' => 6, 'y' => 5], ['x' => 0, 'y' => 5]], 'furnishings' => [['kind' => 'window', 'x' => 3, 'y' => 0]]] + self::ENTRIES;
        foreach ([['room' => self::ENTRIES, 'goal' => 'air-changes-6'], ['room' => $drawn, 'goal' => 'air-changes-5']] as ['room' => $entries, 'goal' => $goal]) {
            self::assertTrue($spaces->of($find($entries, $goal, ['limits' => []], System::Imperial, $room->site->programme, null))->isKnown());
        }
        self::assertFalse($spaces->of($find(self::ENTRIES, 'air-changes-5', ['prefilters' => true], System::Imperial, null, null))->isKnown());
    }

    public function test_whoever_leaves_is_not_searched_for_any_longer_and_the_next_is_answered(): void
    {
        $asked = 0;
        try {
            // The design space is not known yet: it takes a second.
            $this->client->answer($this->question(), function () use (&$asked): void {
                if (++$asked > 2) {
                    throw new NobodyWaits;
                }
            });
            self::fail('It went on.');
        } catch (NobodyWaits) {
            self::assertSame(3, $asked);
        }

        self::assertInstanceOf(SearchResult::class, $this->client->answer($this->question(), fn () => null));
    }

    public function test_what_is_no_question_is_not_answered_and_ends_nothing(): void
    {
        foreach (['', 'GET / HTTP/1.1', pack('J', 5).'a:1:{', pack('J', PHP_INT_MAX).'x', pack('J', 4).'N;x;'] as $junk) {
            $stream = stream_socket_client("unix://{$this->folder}/socket");
            fwrite($stream, $junk);
            stream_socket_shutdown($stream, STREAM_SHUT_WR);
            self::assertNull(Message::read($stream));
            fclose($stream);
        }

        self::assertInstanceOf(SearchResult::class, $this->client->answer($this->question(), fn () => null));
    }

    public function test_a_process_of_it_that_is_killed_is_replaced_and_none_outlives_it(): void
    {
        $first = $this->children();
        self::assertCount(1, $first);
        posix_kill($first[0], SIGKILL);
        self::until(fn (): bool => ! in_array($this->children(), [[], $first], true));
        self::assertInstanceOf(SearchResult::class, $this->client->answer($this->question(), fn () => null));

        $second = $this->children();
        posix_kill((int) $this->service->getPid(), SIGKILL);
        self::until(fn (): bool => ! posix_kill($second[0], 0));
        self::assertNull($this->client->answer($this->question(), fn () => null), 'nobody listens');
        // What was left lies in nobody's way.
        $this->start();
        self::assertInstanceOf(SearchResult::class, $this->client->answer($this->question(), fn () => null));
    }

    public function test_without_it_a_search_is_a_process_of_its_own(): void
    {
        $question = $this->question();

        $builds = self::told(Search::answer($question))[0];
        // Shared out to two, it balances more or fewer; what it finds is the same.
        self::assertSame($builds, self::told((new SearchProcess(new FinderClient("{$this->folder}/nobody")))->answer($question, fn () => null))[0]);
        self::assertSame($builds, self::told((new SearchProcess(new FinderClient('')))->answer($question, fn () => null))[0]);
    }

    public function test_what_was_asked_last_is_known_from_the_beginning_and_what_is_kept_of_another_version_harms_nothing(): void
    {
        $this->client->answer($this->question(), fn () => null);
        self::until(fn (): bool => is_file("{$this->folder}/last"));
        self::assertInstanceOf(SearchProblem::class, unserialize((string) file_get_contents("{$this->folder}/last")));
        foreach (['O:8:"stdClass":0:{}', 'O:', serialize((new \ReflectionClass(SearchProblem::class))->newInstanceWithoutConstructor())] as $kept) {
            $this->service->stop(0.0, SIGKILL);
            file_put_contents("{$this->folder}/last", $kept);
            $this->start();
            self::assertInstanceOf(SearchResult::class, $this->client->answer($this->question(), fn () => null));
        }
    }

    private function start(): void
    {
        $run = sprintf('gc_disable(); require %s; (new %s(%s, %s))->run(1);', var_export(base_path('vendor/autoload.php'), true), FinderService::class, var_export("{$this->folder}/socket", true), var_export("{$this->folder}/last", true));
        @unlink("{$this->folder}/socket");
        $this->service = new Process([PHP_BINARY, '-d', 'memory_limit=1G', '-r', $run]);
        $this->service->start();
        self::until(fn (): bool => file_exists("{$this->folder}/socket") && $this->children() !== []);
    }

    /** @return list<int> */
    private function children(): array
    {
        $pid = (int) $this->service->getPid();

        return array_map(intval(...), (array) preg_split('/\s+/', trim((string) @file_get_contents("/proc/{$pid}/task/{$pid}/children")), -1, PREG_SPLIT_NO_EMPTY));
    }

    /** @param  callable(): bool  $is */
    private static function until(callable $is): void
    {
        for ($end = microtime(true) + 10.0; ! $is(); usleep(20_000)) {
            self::assertLessThan($end, microtime(true), 'It did not come to that.');
        }
    }

    private function question(string $people = '8', string $level = '50 dBA'): SearchProblem
    {
        $wishes = ['level' => $level, 'footprint' => '3 ft²', 'units' => 1] + FindTest::WISHES;

        return $this->app->make(Find::class)(['people' => $people] + self::ENTRIES, 'air-changes-5', $wishes, System::Imperial, null, null);
    }

    /** @return array<mixed> */
    private static function told(?SearchResult $answer): array
    {
        self::assertNotNull($answer);

        return [array_map(fn ($found): array => [$found->code, $found->chance(), (array) $found->measures], $answer->front), (array) $answer->counts, count($answer->misfits)];
    }
}
