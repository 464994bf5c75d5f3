<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Texts for users keep to the words of docs/words.md. */
final class WordsTest extends TestCase
{
    private const ROOT = __DIR__.'/../../..';

    /** Folders and files whose texts people meet. */
    private const TEXTS = ['app', 'core/src', 'core/texts', 'data', 'docs', 'frontend/src', 'resources/views', 'README.md', 'jornel'];

    /** @return iterable<string, array{string}> */
    public static function avoided(): iterable
    {
        foreach (file(self::ROOT.'/docs/words.md') ?: [] as $line) {
            $cells = array_map(trim(...), explode('|', $line));
            if (count($cells) !== 5 || in_array($cells[3], ['', 'not', '---'], true)) {
                continue;
            }
            foreach (explode(',', $cells[3]) as $phrase) {
                yield trim($phrase) => [trim($phrase)];
            }
        }
    }

    public function test_there_are_words_to_be_avoided_and_texts_to_read(): void
    {
        self::assertGreaterThan(20, count(iterator_to_array(self::avoided())));
        self::assertGreaterThan(2000, count(self::texts()));
        self::assertArrayHasKey('Sign out', array_flip(array_column(self::texts(), 1)));
        self::assertNotSame([], preg_grep('/^The fan’s body \({body}\) overhangs the box/', array_column(self::texts(), 1)));
    }

    #[DataProvider('avoided')]
    public function test_no_text_uses_a_word_that_another_stands_for(string $phrase): void
    {
        $pattern = '/\b'.str_replace(' ', '\s+', preg_quote($phrase, '/')).'\b/iu';
        $found = array_filter(self::texts(), fn (array $text): bool => preg_match($pattern, $text[1]) === 1);

        self::assertSame([], array_values(array_map(fn (array $text): string => "{$text[0]}: {$text[1]}", $found)));
    }

    /** @return list<array{string, string}> file and text */
    private static function texts(): array
    {
        /** @var list<array{string, string}>|null $texts  the same for every phrase */
        static $texts = null;
        if ($texts !== null) {
            return $texts;
        }
        $texts = [];
        foreach (self::files() as $file) {
            $content = (string) file_get_contents(self::ROOT."/{$file}");
            $own = match (pathinfo($file, PATHINFO_EXTENSION)) {
                'php' => self::ofPhp($content),
                'vue', 'ts' => self::ofPage($content),
                'json' => self::ofData((array) json_decode($content, true)),
                default => explode("\n", $content),
            };
            array_push($texts, ...array_map(fn (string $text): array => [$file, $text], $own));
        }

        return $texts;
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = [];
        foreach (self::TEXTS as $place) {
            $all = is_dir(self::ROOT."/{$place}") ? new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT."/{$place}", RecursiveDirectoryIterator::SKIP_DOTS)) : [self::ROOT."/{$place}"];
            foreach ($all as $file) {
                $files[] = substr((string) $file, strlen(self::ROOT) + 1);
            }
        }

        return array_values(array_filter($files, fn (string $file): bool => preg_match('/\.(php|vue|ts|json|md)$|^jornel$/', $file) === 1 && ! in_array($file, ['docs/words.md', 'frontend/src/api/generated.d.ts'], true)));
    }

    /** @return list<string> whole strings and the pieces of those with variables in them */
    private static function ofPhp(string $code): array
    {
        $texts = [];
        foreach (token_get_all($code) as $token) {
            if (is_array($token) && in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML], true)) {
                $texts[] = trim($token[1], "'\"");
            }
        }

        return self::worded($texts);
    }

    /** @return list<string> texts of a template, its labels, and strings of the script */
    private static function ofPage(string $page): array
    {
        $page = (string) preg_replace(['/<style.*?<\/style>/su', '/<!--.*?-->/su', '/^\s*(\/\/|\*|\/\*).*$/mu'], '', $page);
        preg_match_all('/>([^<>]+)</u', $page, $between);
        preg_match_all('/[\'"`]([^\'"`\n]+)[\'"`]/u', $page, $quoted);

        return self::worded([...$between[1], ...$quoted[1]]);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<string>
     */
    private static function ofData(array $data): array
    {
        $texts = [];
        array_walk_recursive($data, function (mixed $value) use (&$texts): void {
            if (is_string($value)) {
                $texts[] = $value;
            }
        });

        return self::worded($texts);
    }

    /**
     * Those that are words for people, as against keys.
     *
     * @param  list<string>  $texts
     * @return list<string>
     */
    private static function worded(array $texts): array
    {
        return array_values(array_filter(array_map(fn (string $text): string => trim((string) preg_replace('/\s+/u', ' ', $text)), $texts), fn (string $text): bool => preg_match('/\p{L}{2,} |^\p{Lu}\p{Ll}/u', $text) === 1));
    }
}
