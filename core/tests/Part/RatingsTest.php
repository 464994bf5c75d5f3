<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Rating\Claim;
use Jornel\Core\Part\Rating\Ratings;
use Jornel\Core\Part\Rating\RatingStep;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RatingsTest extends TestCase
{
    /** Common practice, no source, but for the last two: classes of EN 779:2012 and ISO 16890-1:2016, equivalence from memory. */
    #[TestWith(['8', 'Shop scale, 1 to 10', ['4']])]
    #[TestWith(['11', 'Shop scale, 1 to 10', ['7']])]
    #[TestWith(['13', 'Shop scale, 1 to 10', ['9', '10']])]
    #[TestWith(['14', 'Shop scale, 1 to 10', ['10']])]
    #[TestWith(['11', 'Fine-particle scale, in hundreds', ['1000']])]
    #[TestWith(['13', 'Fine-particle scale, in hundreds', ['1500 to 1900', '2200 to 2800']])]
    #[TestWith(['F7', 'EN 779 letter', ['F7']])]
    #[TestWith(['14', 'ISO 16890 class', ['ePM1 70 to 80 %']])]
    public function test_a_grade_may_carry_these_steps(string $grade, string $scale, array $steps): void
    {
        $files = Sample::data();
        $of = array_filter($files->ratings()->of($files->grades()[$grade]), fn (RatingStep $step): bool => $step->scale === $scale);

        self::assertSame($steps, array_values(array_map(fn (RatingStep $step): string => $step->step, $of)));
    }

    public function test_a_hepa_class_is_beyond_these_scales(): void
    {
        $files = Sample::data();

        self::assertSame([], $files->ratings()->of($files->grades()['H13']));
    }

    public function test_no_filter_for_particles_keeps_a_claim_about_gases(): void
    {
        $claims = array_merge(...array_map(fn (RatingStep $step): array => $step->claims, Sample::data()->ratings()->steps));
        $verdicts = array_column(array_map(fn (Claim $claim): array => [$claim->id, $claim->verdict], $claims), 1, 0);

        self::assertSame(['not kept', 'unproven', 'kept'], [$verdicts['smells'], $verdicts['germs'], $verdicts['fine-smoke']]);
    }

    #[TestWith([['most' => 10], 'scales.0.steps.0.most'])]
    #[TestWith([['claims' => ['miracles']], 'scales.0.steps.0.claims'])]
    public function test_a_row_that_cannot_be_is_refused_at_its_path(array $wrong, string $path): void
    {
        $step = $wrong + ['step' => 'X', 'least' => 11, 'most' => 12, 'claims' => ['dust']];
        try {
            Ratings::fromRows([['id' => 'dust', 'name' => 'dust', 'verdict' => 'kept', 'says' => 'dust']], [['name' => 'Own', 'source' => 'made up', 'steps' => [$step]]]);
            self::fail('It was taken.');
        } catch (BadRecord $fault) {
            self::assertSame($path, $fault->field);
        }
    }
}
