<?php

namespace App\Sheet;

use App\Formats\Spreadsheet;
use Illuminate\Support\Str;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\CutFile\CutDrawing;
use Jornel\Core\CutFile\DxfFile;
use Jornel\Core\CutFile\Heading;
use Jornel\Core\CutFile\Paper;
use Jornel\Core\CutFile\PartDrawing;
use Jornel\Core\CutFile\PrintedParts;
use Jornel\Core\CutFile\ScaleDrawing;
use Jornel\Core\CutFile\SvgFile;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;

/** All files of a cut plan, from the same outlines: parts and sheets for a knife or a machine, drawings to print, solids. */
final readonly class CutFiles
{
    public function __construct(private CutPlan $plan, private Heading $heading, private ?Kit $kit = null)
    {
    }

    /**
     * Every file, by name.
     *
     * @return iterable<string, string>
     */
    public function all(): iterable
    {
        foreach ($this->plan->parts as $part) {
            $drawing = PartDrawing::of($part, $this->heading);
            $name = self::name($part);
            yield "{$name}.svg" => SvgFile::of($drawing);
            yield "{$name}.dxf" => DxfFile::of($drawing);
            yield "{$name}-inches.dxf" => DxfFile::of($drawing, true);
        }
        foreach ($this->sheets() as $name => $drawing) {
            yield "{$name}.svg" => SvgFile::of($drawing);
            yield "{$name}.dxf" => DxfFile::of($drawing);
        }
        foreach ($this->plan->parts === [] ? [] : Paper::cases() as $paper) {
            yield "full-size-{$paper->value}.pdf" => $this->fullSize($paper);
            yield "drawing-{$paper->value}.pdf" => $this->drawing($paper);
        }
        foreach ($this->kit->orders ?? [] as $number => $order) {
            foreach (PrintedParts::of($order->design, $order->units) as $printed) {
                $name = (count($this->kit->orders ?? []) === 1 ? '' : ($number + 1).'-').$printed->id;
                yield "{$name}.stl" => $printed->mesh->stl($printed->name);
                yield "{$name}.scad" => $printed->scad;
            }
        }
        if ($this->kit !== null) {
            yield 'shopping-list.csv' => self::csv($this->kit->list);
        }
    }

    /** One of them; null where there is none of this name. */
    public function named(string $file): ?string
    {
        foreach (Paper::cases() as $paper) {
            if ($file === "full-size-{$paper->value}.pdf") {
                return $this->fullSize($paper);
            }
            if ($file === "drawing-{$paper->value}.pdf") {
                return $this->drawing($paper);
            }
        }
        foreach ($this->all() as $name => $content) {
            if ($name === $file) {
                return $content;
            }
        }

        return null;
    }

    /** All parts at full size on tiled pages. */
    public function fullSize(Paper $paper): string
    {
        return CutPdf::tiled(array_map(fn (CutPart $part): CutDrawing => PartDrawing::of($part, $this->heading), $this->plan->parts), $paper);
    }

    /** All parts at a small scale with their dimensions. */
    public function drawing(Paper $paper): string
    {
        return CutPdf::scaled(ScaleDrawing::of($this->plan->parts, $paper, $this->heading));
    }

    public static function csv(ShoppingList $list): string
    {
        $rows = [['part', 'name', 'needed', 'from stock', 'packs', 'price', 'left', 'note']];
        foreach ($list->lines as $line) {
            $rows[] = self::row($line);
        }
        $rows[] = ['', 'Total', '', '', '', (string) $list->firstCost(), '', ''];

        return Spreadsheet::csv($rows);
    }

    /** @return iterable<string, CutDrawing> */
    private function sheets(): iterable
    {
        foreach ($this->plan->layout->sheets as $sheet) {
            yield 'sheet-'.Str::slug($sheet->sheet->id)."-{$sheet->number}" => PartDrawing::sheet($sheet, $this->plan, $this->heading);
        }
    }

    /** Of a part's files, without what they end in. */
    public static function name(CutPart $part): string
    {
        return trim(Str::slug($part->label).'-'.Str::slug(str_replace('’', '', $part->name)), '-');
    }

    /** @return list<string> */
    private static function row(ShoppingLine $line): array
    {
        return [$line->part, $line->name, (string) $line->needed, (string) $line->fromStock, $line->packs->text(), (string) $line->packs->price, (string) $line->packs->leftOver, $line->note];
    }
}
