<?php

namespace App\Sheet;

use Jornel\Core\CutFile\CutDrawing;
use Jornel\Core\CutFile\Layer;
use Jornel\Core\CutFile\Paper;
use Jornel\Core\CutFile\ScaleDrawing;
use Jornel\Core\CutFile\Tiling;
use Jornel\Core\Geometry\PlanePoint;
use TCPDF;

/** Cut drawings as vector PDF: at full size on tiled pages, or dimensioned at a small scale. */
final class CutPdf
{
    private const FONT = 'dejavusans';

    /** Points in a millimetre, and how high a capital is over the size of its letters. */
    private const POINTS = 72.0 / 25.4;

    private const CAPITAL = 0.73;

    /** Line weights, mm. */
    private const THICK = 0.35;

    private const THIN = 0.18;

    private const INCH = 25.4;

    private function __construct(private TCPDF $pdf)
    {
    }

    /**
     * At full size, one drawing after the other; each begins with a map of its pages where they are several.
     *
     * @param  list<CutDrawing>  $drawings
     */
    public static function tiled(array $drawings, Paper $paper): string
    {
        $self = new self(self::blank('P', $paper));
        foreach ($drawings as $drawing) {
            $self->tiles($drawing, Tiling::of($drawing, $paper));
        }

        return $self->written();
    }

    public static function scaled(ScaleDrawing $scaled): string
    {
        $self = new self(self::blank('L', $scaled->paper));
        [, $height] = $scaled->size();
        foreach ($scaled->pages as $page) {
            $self->pdf->AddPage();
            $self->draw($page, fn (PlanePoint $at): array => [1000.0 * $at->x, $height - 1000.0 * $at->y]);
        }

        return $self->written();
    }

    private function tiles(CutDrawing $drawing, Tiling $tiling): void
    {
        for ($row = 0; $row < $tiling->rows; $row++) {
            for ($column = 0; $column < $tiling->columns; $column++) {
                $this->pdf->AddPage();
                [$left, $low] = $tiling->origin($column, $row);
                [$x, $y] = [Tiling::EDGE, Tiling::EDGE + Tiling::HEAD];
                $this->pdf->StartTransform();
                $this->pdf->Rect($x, $y, $tiling->width, $tiling->height, 'CNZ');
                $this->draw($drawing, fn (PlanePoint $at): array => [$x + 1000.0 * $at->x - $left, $y + $tiling->height - (1000.0 * $at->y - $low)]);
                $this->pdf->StopTransform();
                $this->marks($tiling, $column, $row);
                $this->head($drawing, $tiling, $column, $row);
                $this->bars($tiling);
            }
        }
    }

    /** @param  callable(PlanePoint): array{float, float}  $lie  onto the page, mm from its upper left */
    private function draw(CutDrawing $drawing, callable $lie): void
    {
        foreach ($drawing->lines as $line) {
            $this->pen($line['layer']);
            $points = array_merge(...array_map($lie, $line['corners']));
            if ($line['closed']) {
                $this->pdf->Polygon($points);
            } else {
                $this->pdf->PolyLine($points);
            }
        }
        foreach ($drawing->circles as $circle) {
            $this->pen($circle['layer']);
            [$x, $y] = $lie($circle['middle']);
            $this->pdf->Circle($x, $y, 1000.0 * $circle['radius']);
        }
        foreach ($drawing->texts as $text) {
            [$x, $y] = $lie($text['at']);
            $this->words($x, $y, 1000.0 * $text['height'], $text['text'], $text['middle'], $text['upright']);
        }
    }

    private function words(float $x, float $y, float $capital, string $text, bool $isMiddle, bool $isUpright = false): void
    {
        $this->pdf->SetFont(self::FONT, '', $capital / self::CAPITAL * self::POINTS);
        $width = $this->pdf->GetStringWidth($text);
        $this->pdf->StartTransform();
        if ($isUpright) {
            $this->pdf->Rotate(90.0, $x, $y);
        }
        // Its baseline half a capital below.
        $this->pdf->Text($isMiddle ? $x - $width / 2.0 : $x, $y + $capital / 2.0, $text, calign: 'L');
        $this->pdf->StopTransform();
    }

    /** Crosses where four pages meet: at the corners of what each shows without its overlap. */
    private function marks(Tiling $tiling, int $column, int $row): void
    {
        $this->pdf->SetLineStyle(['width' => self::THIN, 'dash' => 0, 'color' => [0, 0, 0]]);
        [$half, $arm] = [Tiling::OVERLAP / 2.0, 4.0];
        [$left, $top] = [Tiling::EDGE, Tiling::EDGE + Tiling::HEAD];
        foreach ([$left + $half, $left + $tiling->width - $half] as $x) {
            foreach ([$top + $half, $top + $tiling->height - $half] as $y) {
                $this->pdf->Line($x - $arm, $y, $x + $arm, $y);
                $this->pdf->Line($x, $y - $arm, $x, $y + $arm);
                $this->pdf->Circle($x, $y, 1.5);
            }
        }
        $this->pdf->SetLineStyle(['width' => self::THIN, 'dash' => '1,2', 'color' => [140, 140, 140]]);
        $this->pdf->Rect($left, $top, $tiling->width, $tiling->height);
    }

    private function head(CutDrawing $drawing, Tiling $tiling, int $column, int $row): void
    {
        $this->pdf->SetTextColor(0, 0, 0);
        foreach ($drawing->heading as $number => $line) {
            $this->words(Tiling::EDGE, Tiling::EDGE - 3.0 + 4.8 * $number, $number === 1 ? 2.6 : 2.1, $line, false);
        }
        // The map: every page, this one dark.
        $cell = min(4.0, 14.0 / max($tiling->rows, 1), 60.0 / max($tiling->columns, 1));
        [$right, $top] = [Tiling::EDGE + $tiling->width, Tiling::EDGE - 4.0];
        $this->pdf->SetLineStyle(['width' => self::THIN, 'dash' => 0, 'color' => [0, 0, 0]]);
        for ($r = 0; $r < $tiling->rows; $r++) {
            for ($c = 0; $c < $tiling->columns; $c++) {
                $isHere = $r === $row && $c === $column;
                $this->pdf->Rect($right - ($tiling->columns - $c) * $cell, $top + ($tiling->rows - 1 - $r) * $cell, $cell, $cell, $isHere ? 'DF' : 'D', [], [60, 60, 60]);
            }
        }
        $this->words($right - $tiling->columns * $cell - 40.0, $top + 2.0, 2.6, sprintf('Page %s', $tiling->name($column, $row)), false);
        $this->words($right - $tiling->columns * $cell - 40.0, $top + 6.5, 1.9, sprintf('%d × %d pages', $tiling->columns, $tiling->rows), false);
    }

    /** Bars of 100 mm and 4 in: with them whoever prints sees that nothing was made to fit the page. */
    private function bars(Tiling $tiling): void
    {
        $y = Tiling::EDGE + Tiling::HEAD + $tiling->height + 5.0;
        $this->pdf->SetLineStyle(['width' => self::THICK, 'dash' => 0, 'color' => [0, 0, 0]]);
        foreach ([[$y, 100.0, '100 mm: measure it. Print at 100 %, not to fit.'], [$y + 7.0, 4.0 * self::INCH, '4 in']] as [$at, $long, $words]) {
            $this->pdf->Line(Tiling::EDGE, $at, Tiling::EDGE + $long, $at);
            foreach ([0.0, $long] as $end) {
                $this->pdf->Line(Tiling::EDGE + $end, $at - 2.0, Tiling::EDGE + $end, $at + 2.0);
            }
            $this->words(Tiling::EDGE + $long + 3.0, $at, 2.1, $words, false);
        }
    }

    private function pen(Layer $layer): void
    {
        $this->pdf->SetLineStyle([
            'width' => $layer === Layer::Cut ? self::THICK : self::THIN, 'cap' => 'butt', 'join' => 'miter',
            'dash' => $layer->dashes() === '' ? 0 : str_replace(' ', ',', $layer->dashes()), 'color' => [0, 0, 0],
        ]);
    }

    private static function blank(string $way, Paper $paper): TCPDF
    {
        $pdf = new TCPDF($way, 'mm', $paper->size(), true, 'UTF-8');
        $pdf->setCreator('Jornel');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setCellPaddings(0, 0, 0, 0);
        $pdf->setAutoPageBreak(false);
        $pdf->setViewerPreferences(['PrintScaling' => 'None']);

        return $pdf;
    }

    private function written(): string
    {
        return $this->pdf->Output('', 'S');
    }
}
