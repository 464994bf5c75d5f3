<?php

namespace App\Sheet;

use App\Models\Version;
use Jornel\Core\Caution\Cautions;
use Jornel\Core\Drawing\Camera;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Guide\CutLine;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuideStep;
use Jornel\Core\Guide\StepPictures;
use Jornel\Core\Quantity\System;

/** The whole guide on paper in black and white, two or three steps a page; in large print, fewer. */
final class GuidePdf
{
    /** Marks that are too fine for a picture of a step. */
    private const FINE = ['pleat'];

    public static function of(Version $version, Guide $guide, Cautions $cautions, System $measure, bool $isLarge): string
    {
        $pictures = StepPictures::of($guide);

        return (string) PaperPdf::of('guide', [
            'version' => $version, 'guide' => $guide, 'cautions' => array_column($cautions->all, null, 'id'), 'isLarge' => $isLarge,
            'steps' => array_map(fn (GuideStep $step): array => [$step, self::images($pictures, $step)], $guide->steps),
            'cuts' => CutLine::list($guide->design->assemble()->panels),
        ], $measure)->output();
    }

    /** @return list<array{string, string}> label, empty for the scene, and the image */
    private static function images(StepPictures $pictures, GuideStep $step): array
    {
        $picture = $pictures->at($step);
        if ($picture->scene === null) {
            return array_map(fn (array $cut): array => [$cut[0], self::image(PrintSvg::panel($cut[1]))], array_slice($picture->cuts, 0, 6));
        }

        return [['', self::image(PrintSvg::step(Drawing::of($picture->scene->without(self::FINE), Camera::turned((float) $picture->turn, $picture->isBelow)), $picture->lit))]];
    }

    private static function image(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }
}
