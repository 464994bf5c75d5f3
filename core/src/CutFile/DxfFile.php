<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Geometry\PlanePoint;

/**
 * A drawing in the drawing exchange format of release 12 (AC1009), in millimetres or inches, with the layers CUT, FOLD, MARK
 * and TEXT. Text is plain ASCII, as release 12 knows no other.
 */
final class DxfFile
{
    /** Values of $INSUNITS. */
    private const MILLIMETRES = 4;

    private const INCHES = 1;

    private const ASCII = ['×' => 'x', '’' => "'", '“' => '"', '”' => '"', '′' => "'", '″' => '"', '–' => '-', '…' => '...', '°' => ' deg', 'ø' => 'dia'];

    public static function of(CutDrawing $drawing, bool $inInches = false): string
    {
        $scale = $inInches ? 1.0 / 0.0254 : 1000.0;
        [$left, $low, $right, $high] = $drawing->extent();
        $at = fn (PlanePoint $point, int $code = 10): string => self::pairs([[$code, self::number($scale * $point->x)], [$code + 10, self::number($scale * $point->y)], [$code + 20, '0.0']]);
        $text = fn (PlanePoint $place, float $height, string $text, bool $isMiddle): string => self::pairs([[0, 'TEXT'], [8, Layer::Text->value]]).$at($place)
            .self::pairs([[40, self::number($scale * $height)], [1, self::ascii($text)]])
            .($isMiddle ? self::pairs([[72, '1'], [73, '2']]).$at($place, 11) : '');

        $entities = '';
        foreach ($drawing->lines as $one) {
            $entities .= self::polyline($one['layer'], $one['corners'], $one['closed'], $at);
        }
        foreach ($drawing->circles as $one) {
            $entities .= self::pairs([[0, 'CIRCLE'], [8, $one['layer']->value]]).$at($one['middle']).self::pairs([[40, self::number($scale * $one['radius'])]]);
        }
        foreach ($drawing->texts as $one) {
            $entities .= $text($one['at'], $one['height'], $one['text'], $one['middle']);
        }
        foreach ($drawing->heading as $number => $words) {
            $entities .= $text(new PlanePoint($left, $high + 0.006 + 0.007 * (count($drawing->heading) - 1 - $number)), 0.0035, $words, false);
        }

        return self::pairs([[0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$INSUNITS'], [70, (string) ($inInches ? self::INCHES : self::MILLIMETRES)], [9, '$EXTMIN']])
            .$at(new PlanePoint($left, $low)).self::pairs([[9, '$EXTMAX']]).$at(new PlanePoint($right, $high)).self::pairs([[0, 'ENDSEC']])
            .self::tables()
            .self::pairs([[0, 'SECTION'], [2, 'BLOCKS'], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']]).$entities.self::pairs([[0, 'ENDSEC'], [0, 'EOF']]);
    }

    /**
     * @param  list<PlanePoint>  $corners
     * @param  \Closure(PlanePoint, int=): string  $at
     */
    private static function polyline(Layer $layer, array $corners, bool $closed, \Closure $at): string
    {
        if (count($corners) === 2) {
            return self::pairs([[0, 'LINE'], [8, $layer->value]]).$at($corners[0]).$at($corners[1], 11);
        }

        return self::pairs([[0, 'POLYLINE'], [8, $layer->value], [66, '1'], [10, '0.0'], [20, '0.0'], [30, '0.0'], [70, $closed ? '1' : '0']])
            .implode('', array_map(fn (PlanePoint $corner): string => self::pairs([[0, 'VERTEX'], [8, $layer->value]]).$at($corner), $corners))
            .self::pairs([[0, 'SEQEND'], [8, $layer->value]]);
    }

    private static function tables(): string
    {
        $layers = implode('', array_map(fn (Layer $layer): string => self::pairs([[0, 'LAYER'], [2, $layer->value], [70, '0'], [62, (string) $layer->colour()], [6, 'CONTINUOUS']]), Layer::cases()));

        return self::pairs([
            [0, 'SECTION'], [2, 'TABLES'],
            [0, 'TABLE'], [2, 'LTYPE'], [70, '1'], [0, 'LTYPE'], [2, 'CONTINUOUS'], [70, '0'], [3, 'Solid line'], [72, '65'], [73, '0'], [40, '0.0'], [0, 'ENDTAB'],
            [0, 'TABLE'], [2, 'LAYER'], [70, (string) (count(Layer::cases()) + 1)], [0, 'LAYER'], [2, '0'], [70, '0'], [62, '7'], [6, 'CONTINUOUS'],
        ]).$layers.self::pairs([
            [0, 'ENDTAB'],
            [0, 'TABLE'], [2, 'STYLE'], [70, '1'], [0, 'STYLE'], [2, 'STANDARD'], [70, '0'], [40, '0.0'], [41, '1.0'], [50, '0.0'], [71, '0'], [42, '2.5'], [3, 'txt'], [4, ''], [0, 'ENDTAB'],
            [0, 'ENDSEC'],
        ]);
    }

    /** @param  list<array{int, string}>  $pairs  codes with their values */
    private static function pairs(array $pairs): string
    {
        return implode('', array_map(fn (array $pair): string => sprintf("%3d\n%s\n", $pair[0], $pair[1]), $pairs));
    }

    private static function number(float $value): string
    {
        return sprintf('%.6f', $value + 0.0);
    }

    private static function ascii(string $text): string
    {
        return (string) preg_replace('/[^\x20-\x7e]/', '?', strtr($text, self::ASCII));
    }
}
