<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Nest;

use Jornel\Core\Document\KitReader;
use Jornel\Core\Nest\Layout;
use Jornel\Core\Nest\Nesting;
use Jornel\Core\Nest\Pinned;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Part\Record;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ten layouts made by hand: each can be cut, and none takes fewer sheets than the nesting does. */
final class HandLayoutsTest extends TestCase
{
    private const INCH = 0.0254;

    /** @param  array<string, mixed>  $layout */
    #[DataProvider('layouts')]
    public function test_no_more_sheets_than_by_hand(array $layout): void
    {
        $record = new Record($layout + ['from' => 'rated']);
        [$width, $height, $kerf] = [$record->figure('width')->si, $record->figure('height')->si, $record->figure('kerf')->si];
        $pieces = [];
        foreach ((new KitReader($record, Sample::data()))->cuts() as $part) {
            for ($number = 1; $number <= $part->count; $number++) {
                $pieces[] = $part->piece()->labelled("{$part->label}.{$number}");
            }
        }
        $board = fn (int $number): StockSheet => new StockSheet("board {$number}", $width, $height, 1);
        $pinned = $sheets = $counts = [];
        foreach ($record->list('by_hand') as $number => $placed) {
            $sheets[] = $board($number + 1);
            foreach (is_array($placed) ? $placed : [] as $one) {
                $label = $one['label'];
                $counts[$label] = ($counts[$label] ?? 0) + 1;
                $pinned[] = new Pinned("{$label}.{$counts[$label]}", 'board '.($number + 1), 1, $one['x'] * self::INCH, $one['y'] * self::INCH, $one['turn']);
            }
        }
        self::assertCount(count($pieces), $pinned, 'a part was forgotten by hand');
        $byHand = Nesting::of($pieces, $sheets, $kerf, 0.0, $pinned);
        LayoutCheck::holds($byHand, $kerf, 0.0, 'by hand');

        $layout = Nesting::of($pieces, [new StockSheet('board', $width, $height, null)], $kerf, 0.0);
        LayoutCheck::holds($layout, $kerf, 0.0, 'nested');
        self::assertSame([], $layout->left);
        self::assertLessThanOrEqual(count($byHand->sheets), count($layout->sheets));
        self::assertSame(self::placed($byHand), self::placed($layout));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function layouts(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/hand-layouts.json'), true)['layouts'] as $layout) {
            yield $layout['name'] => [$layout];
        }
    }

    private static function placed(Layout $layout): int
    {
        return $layout->placedCount();
    }
}
