<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Quantity;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\Texts;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Sentences stand together by key, with gaps that are filled by name. */
final class TextsTest extends TestCase
{
    private const CORE = __DIR__.'/../..';

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(self::CORE.'/texts/en/*.php') ?: [] as $file) {
            yield basename($file, '.php') => [basename($file, '.php')];
        }
    }

    public function test_gaps_are_filled_by_name_whatever_their_order(): void
    {
        $sentence = Sentence::of('{units} units, {flow} short: {units}', flow: [Display::Flow, 0.4719474], units: 3, unused: 1);

        self::assertSame('3 units, 1,000 cfm short: 3', $sentence->text(System::Imperial));
        self::assertSame('{nothing} is told as it is', Sentence::plain('{nothing} is told as it is')->text(System::Metric));
        self::assertSame('a name in {braces}', Sentence::of('a name in {name}', name: '{braces}')->text(System::Metric));
    }

    public function test_a_gap_that_is_given_nothing_is_a_fault(): void
    {
        $this->expectExceptionObject(new LogicException('Nothing is given for {flow} in “{flow} of {part}”.'));

        Sentence::of('{flow} of {part}', part: 'it');
    }

    public function test_a_key_that_is_not_there_is_a_fault(): void
    {
        $this->expectExceptionObject(new LogicException('core/texts has no “nothing” of “verdict”.'));

        Texts::of('verdict')->say('nothing');
    }

    /** A key is written in the code, or its beginning is, before a value that is put in. */
    #[DataProvider('files')]
    public function test_every_text_is_said_somewhere(string $thing): void
    {
        $code = self::code();
        $unsaid = [];
        foreach (array_keys(require self::CORE."/texts/en/{$thing}.php") as $key) {
            $steps = explode('.', $key);
            $written = array_map(fn (int $count): string => implode('.', array_slice($steps, 0, $count)), range(1, count($steps)));
            if (array_filter($written, fn (string $start): bool => preg_match('/[\'"]'.preg_quote($start, '/').'(?:[\'"]|\.[{\'"])/', $code) === 1) === []) {
                $unsaid[] = $key;
            }
        }

        self::assertSame([], $unsaid);
    }

    #[DataProvider('files')]
    public function test_every_text_is_whole_and_its_gaps_have_names(string $thing): void
    {
        foreach (require self::CORE."/texts/en/{$thing}.php" as $key => $text) {
            self::assertDoesNotMatchRegularExpression('/%[sd]|\s$|^\s|\{\s*\}/', $text, $key);
            self::assertSame(substr_count($text, '{'), count(Sentence::gapsOf($text)), $key);
        }
    }

    private static function code(): string
    {
        $code = '';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::CORE.'/src', RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
            $code .= file_get_contents((string) $file);
        }

        return $code;
    }
}
