<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Architecture;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The pages of docs/ name files and folders that are there. */
final class DocsTest extends TestCase
{
    private const ROOT = __DIR__.'/../../..';

    #[TestWith(['README.md'])]
    #[TestWith(['docs/how-it-works.md'])]
    #[TestWith(['docs/decisions.md'])]
    #[TestWith(['docs/extending.md'])]
    public function test_what_a_page_names_is_there(string $page): void
    {
        // Examples of what may be added stand in blocks of code; they are not there.
        $text = (string) preg_replace('/^```.*?^```$/ms', '', (string) file_get_contents(self::ROOT.'/'.$page));
        preg_match_all('~`([A-Za-z][\w-]*(?:[/\\\\][\w.-]+)+/?)(?:::\w+)?`|\]\(([\w/.-]+)\)~', $text, $found, PREG_SET_ORDER);
        $missing = [];
        foreach ($found as $match) {
            $path = str_replace('\\', '/', $match[2] ?? $match[1]);
            if (! str_starts_with($path, 'var/') && ! self::isThere($path, dirname($page))) {
                $missing[] = $path;
            }
        }

        self::assertSame([], $missing);
        self::assertNotEmpty($found);
    }

    private static function isThere(string $path, string $beside): bool
    {
        foreach (['', "{$beside}/", 'core/src/', 'app/', 'frontend/src/', 'data/', 'core/', 'docs/'] as $under) {
            foreach (['', '.php', '.ts', '.vue'] as $ending) {
                if (file_exists(self::ROOT.'/'.$under.lcfirst($path).$ending) || file_exists(self::ROOT.'/'.$under.$path.$ending)) {
                    return true;
                }
            }
        }

        return false;
    }
}
