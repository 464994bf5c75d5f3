<?php

namespace App\Sheet;

use App\Evidence\DecayRound;
use App\Evidence\LevelRound;
use App\Evidence\PowerRound;
use App\Evidence\ProvedUnit;
use App\Evidence\TissueRound;
use App\Evidence\TraverseRound;
use App\Models\Survey;
use App\Models\SurveyKind;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\PrintPlot;
use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Proof\Decay\DecayPlot;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Quantity\System;

/** What a unit was proved to give, on two pages: method, figures with their intervals, who and when. */
final class ProofPdf
{
    private const FINE = ['pleat'];

    public static function of(ProvedUnit $proved, System $measure): string
    {
        $last = fn (SurveyKind $kind): ?Survey => array_reverse($proved->holding($kind))[0] ?? null;
        [$tissue, $traverse, $decay, $level, $power] = array_map($last, [SurveyKind::Tissue, SurveyKind::Traverse, SurveyKind::Decay, SurveyKind::Level, SurveyKind::Power]);
        $rounds = [
            'tissue' => $tissue === null ? null : [$tissue, TissueRound::of($tissue, $proved)],
            'traverse' => $traverse === null ? null : [$traverse, TraverseRound::of($traverse, $proved)],
            'decay' => $decay === null ? null : [$decay, DecayRound::of($decay, $proved)],
            'level' => $level === null ? null : [$level, LevelRound::of($level, $proved)],
            'power' => $power === null ? null : [$power, PowerRound::of($power, $proved)],
        ];

        return (string) PaperPdf::of('proof', [
            'proved' => $proved, 'proof' => $proved->proof(), 'measure' => $measure, 'rounds' => $rounds,
            'picture' => self::image(PrintSvg::unit(Drawing::of($proved->ledger->design->scene()->without(self::FINE)))),
            'plots' => $rounds['decay'] === null ? [] : self::plots($rounds['decay'][1], $measure),
        ], $measure)->output();
    }

    /** @return list<array{string, string}> name and image of each run */
    private static function plots(DecayRound $round, System $measure): array
    {
        $plots = [];
        foreach ($round->runs as [$reading, $run, $series]) {
            $plot = DecayPlot::of($series, $run->stretch, $run->fit);
            $lines = [['points' => $plot->readings, 'width' => 0.6, 'dash' => ''], ...($run instanceof DecayRun ? [['points' => $plot->fitted, 'width' => 2.0, 'dash' => '']] : [])];
            $plots[] = [DecayRound::isOn($reading) ? 'With the unit' : 'Without the unit', self::image(PrintPlot::svg($plot->across, $plot->up, $lines, $run->stretch === null ? [] : [$run->stretch->from, $run->stretch->to], $measure))];
        }

        return $plots;
    }

    private static function image(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }
}
