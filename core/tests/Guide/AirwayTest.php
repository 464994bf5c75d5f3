<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Guide;

use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Streams;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Tests\Sample;
use Jornel\Core\Tests\Shape\EveryShapeTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a guide says of arrows and sides, of every shape made every way, pulling and pushing, against the air that its drawing shows. */
final class AirwayTest extends TestCase
{
    /** @return iterable<string, array{Design}> */
    public static function designs(): iterable
    {
        foreach (EveryShapeTest::designs() as $name => [$design]) {
            foreach (Direction::cases() as $direction) {
                $coarse = array_filter(Sample::catalogue()->filters, fn ($one): bool => $one->grade->id === 'coarse' && $one->matches($design->filter));
                foreach (['' => null, ', pre-filter' => array_values($coarse)[0] ?? null] as $with => $prefilter) {
                    $made = $design->withPrefilter($prefilter)->blowing($direction);
                    if (($with === '' || $prefilter !== null) && EveryShapeTest::fits($made)) {
                        yield "{$name}, {$direction->value}{$with}" => [$made];
                    }
                }
            }
        }
    }

    #[DataProvider('designs')]
    public function test_every_arrow_points_the_way_the_air_goes(Design $design): void
    {
        $scene = $design->scene();
        $streams = Streams::of($scene);
        $fans = array_filter($streams, fn (Arrow $arrow): bool => self::isOfFan($arrow));
        $faces = array_filter($streams, fn (Arrow $arrow): bool => self::isOfFace($arrow));
        $told = 0;
        foreach (self::sentences($design) as $sentence) {
            if (preg_match('/arrows? (?:of all (?:fans|filters) )?point(?:s|ing)? (.+?)(?:,| and |$)/u', $sentence, $found) !== 1) {
                continue;
            }
            $told++;
            [$where, $isOfFan] = [$found[1], self::speaksOfFan($sentence, $found[1])];
            $isHere = ! $isOfFan || str_contains(implode(' ', array_column($scene->solids, 'material')), 'fan');
            foreach ($isHere ? ($isOfFan ? $fans : $faces) : [] as $stream) {
                self::assertTrue(self::goes($stream, $where, $scene), "“{$sentence}” of {$stream->part}");
            }
        }
        foreach (self::sentences($design) as $sentence) {
            if (preg_match('/^Close the film to the fan’s (front|back)/u', $sentence, $found) === 1) {
                $told++;
                self::assertSame($design->direction() === Direction::Push ? 'front' : 'back', $found[1], $sentence);
            }
        }
        self::assertGreaterThan(0, $told, 'the guide says which way round fan and filters go');
        self::assertNotSame([], $faces);
    }

    #[DataProvider('designs')]
    public function test_collar_and_pre_filter_lie_on_the_side_of_the_filter_that_is_said(Design $design): void
    {
        $scene = $design->scene();
        [$collar, $coarse] = [self::middle($scene, 'collar'), self::middle($scene, 'prefilter')];
        foreach (array_filter(Streams::of($scene), fn (Arrow $arrow): bool => self::isOfFace($arrow)) as $stream) {
            $filter = self::middle($scene, $stream->part);
            $downstream = $filter === null || $collar === null ? 0.0 : $collar->minus($filter)->dot($stream->to->minus($stream->from));
            $upstream = $filter === null || $coarse === null || count(self::faces($scene)) > 1 ? 0.0 : $filter->minus($coarse)->dot($stream->to->minus($stream->from));
            foreach (self::sentences($design) as $sentence) {
                if (str_contains($sentence, 'the side of the filter that its arrow points to')) {
                    self::assertGreaterThan(0.0, $downstream, $sentence);
                } elseif (str_contains($sentence, 'the side of the filter that its arrow comes from')) {
                    self::assertLessThan(0.0, $downstream, $sentence);
                }
            }
            self::assertGreaterThanOrEqual(0.0, $upstream, 'the air meets the pre-filter first');
        }
    }

    #[DataProvider('designs')]
    public function test_what_goes_in_at_the_filters_comes_out_at_the_fans_or_the_other_way(Design $design): void
    {
        $scene = $design->scene();
        foreach (Streams::of($scene) as $stream) {
            if (self::isOfFace($stream) && self::middle($scene, 'fan') !== null) {
                self::assertSame($design->direction() === Direction::Pull, $stream->kind === 'intake', $stream->part);
            } elseif (self::isOfFan($stream) && self::middle($scene, 'fan') !== null) {
                self::assertSame($design->direction() === Direction::Pull, $stream->kind === 'outlet', $stream->part);
            }
        }
        self::addToAssertionCount(1);
    }

    /** Whether a stream of air goes where an arrow is said to point. */
    private static function goes(Arrow $stream, string $where, Scene $scene): bool
    {
        $along = $stream->to->minus($stream->from);
        $own = self::middle($scene, self::isOfFan($stream) ? 'fan' : $stream->part) ?? $stream->from;
        $towards = fn (?Point $other): bool => $other !== null && $along->dot($other->minus($own)) > 0.0;
        [$low, $high] = $scene->reach();
        $isInwards = $stream->kind === 'intake';

        return match (true) {
            $where === 'towards the fan' => $towards(self::middle($scene, 'fan')),
            $where === 'away from the fan' => ! $towards(self::middle($scene, 'fan')),
            in_array($where, ['towards the filter', 'towards the cartridge', 'towards the bucket'], true) => $towards(self::middle($scene, 'face-1')),
            in_array($where, ['away from the filter', 'away from the cartridge', 'away from the bucket'], true) => ! $towards(self::middle($scene, 'face-1')),
            // The room lies before the window.
            $where === 'into the room' => $along->y < 0.0,
            $where === 'outdoors' => $along->y > 0.0,
            $where === 'inwards', str_starts_with($where, 'into ') => $isInwards && self::isNearer($stream->to, $stream->from, $low->towards($high, 0.5)),
            $where === 'outwards', str_starts_with($where, 'out of ') => ! $isInwards && self::isNearer($stream->from, $stream->to, $low->towards($high, 0.5)),
            default => self::fail("The test does not know where this is: “{$where}”."),
        };
    }

    /** Whether a sentence speaks of the arrow of a fan, not of a filter. */
    private static function speaksOfFan(string $sentence, string $where): bool
    {
        return match (true) {
            str_ends_with($where, 'the fan') => false,
            preg_match('/the (filter|cartridge|bucket)$/', $where) === 1 => true,
            preg_match('/arrows of all (fans|filters)/i', $sentence, $found) === 1 => $found[1] === 'fans',
            default => preg_match('/^(Fan’s|Filter’s|Their|Its)\b/u', $sentence, $found) === 1 ? $found[1] === 'Fan’s' : preg_match('/\bfan|every arrow/', $sentence) === 1,
        };
    }

    /** @return list<string> actions and holds of all steps */
    private static function sentences(Design $design): array
    {
        return array_merge(...array_map(fn (Step $step): array => array_map(trim(...), [...preg_split('/[.;:]\s*/u', $step->action, -1, PREG_SPLIT_NO_EMPTY) ?: [], ...$step->holds]), Steps::of($design)));
    }

    private static function isOfFan(Arrow $arrow): bool
    {
        return preg_match('/^fan(-\d+)?$/', $arrow->part) === 1;
    }

    private static function isOfFace(Arrow $arrow): bool
    {
        return preg_match('/^face-\d+$/', $arrow->part) === 1;
    }

    private static function isNearer(Point $one, Point $other, Point $middle): bool
    {
        [$near, $far] = [$one->minus($middle), $other->minus($middle)];

        return $near->dot($near) < $far->dot($far);
    }

    /** @return list<string> */
    private static function faces(Scene $scene): array
    {
        return array_values(array_unique(array_filter(array_column($scene->solids, 'part'), fn (string $part): bool => preg_match('/^face-\d+$/', $part) === 1)));
    }

    private static function middle(Scene $scene, string $part): ?Point
    {
        $own = $scene->part($part);
        if ($own->solids === []) {
            return null;
        }
        [$low, $high] = $own->reach();

        return $low->towards($high, 0.5);
    }
}
