<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Proof\NamedLogs;
use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Tests\Answers;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every example is answered with the very numbers that were recorded. */
final class AnswersTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/formats/examples/*.json') ?: [] as $example) {
            yield basename($example) => [$example];
        }
    }

    #[DataProvider('examples')]
    public function test_an_example_is_answered_as_it_was(string $example): void
    {
        $document = NamedLogs::into((array) json_decode((string) file_get_contents($example), true), fn (string $log): string => (string) file_get_contents(dirname($example)."/{$log}"));
        $answer = Documents::answer($document, Sample::data());
        // How much of the finder's work could be left out is no figure of the answer.
        unset($answer['counts']['beyond_limits'], $answer['counts']['short_of_goal'], $answer['counts']['beaten'], $answer['counts']['solved']);

        Answers::assertSame(__DIR__.'/answers/'.basename($example), $answer);
    }
}
