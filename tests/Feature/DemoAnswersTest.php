<?php

namespace Tests\Feature;

use App\Actions\Evaluate;
use App\Models\Version;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\SpeedLine;
use Jornel\Core\Ledger\TargetAsk;
use Jornel\Core\Tests\Answers;

/** Every version of the demo is evaluated to the very numbers that were recorded. */
class DemoAnswersTest extends FeatureTestCase
{
    public function test_the_demo_is_evaluated_as_it_was(): void
    {
        $evaluate = $this->app->make(Evaluate::class);
        $answers = [];
        foreach (Version::query()->with('build.room.site.programme')->orderBy('id')->get() as $version) {
            $room = $version->build->room;
            $answers["{$room->name}, version {$version->number}"] = self::figures($evaluate->version($version));
        }
        self::assertGreaterThan(4, count($answers));

        Answers::assertSame(__DIR__.'/answers/demo.json', $answers);
    }

    /** @return array<string, mixed> */
    private static function figures(Ledger $ledger): array
    {
        $unit = $ledger->unit ?? self::fail('A version has units.');

        return [
            'needs' => array_map(fn (TargetAsk $ask): array => [$ask->asks, $ask->gets], $ledger->targets()),
            'speeds' => array_map(fn (SpeedLine $line): array => [$line->clean, $line->airChanges, $line->seconds90, $line->seconds99, $line->level, $line->watts, $line->judged()], $unit->speeds),
            'chance' => $unit->chance,
            'band' => [$unit->band()->low, $unit->band()->high],
            'cost' => [(float) (string) $ledger->own?->first, (float) (string) $ledger->own?->total, (float) (string) $ledger->cost?->total],
            'size' => [$unit->measurements->width, $unit->measurements->depth, $unit->measurements->height, $unit->measurements->mass],
        ];
    }
}
