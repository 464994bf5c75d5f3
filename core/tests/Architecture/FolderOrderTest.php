<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** Quick guards beside the static analysis: no folder is left out of the order, and nothing reaches for clock or chance. */
final class FolderOrderTest extends TestCase
{
    public function test_every_folder_of_the_core_stands_in_the_order(): void
    {
        $folders = array_map(basename(...), glob(dirname(__DIR__, 2).'/src/*', GLOB_ONLYDIR) ?: []);
        $order = (new ReflectionClass(FolderRules::class))->getConstant('ORDER');

        self::assertEqualsCanonicalizing($order, $folders);
    }

    public function test_the_core_takes_neither_clock_nor_chance_of_its_own(): void
    {
        $files = new \RegexIterator(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src')), '/\.php$/');
        foreach ($files as $file) {
            self::assertDoesNotMatchRegularExpression('/(?<!::|->|function )\b(time|microtime|date|rand|mt_rand|random_int|uniqid)\s*\(|new DateTime|new PDO/', (string) file_get_contents((string) $file), (string) $file);
        }
    }
}
