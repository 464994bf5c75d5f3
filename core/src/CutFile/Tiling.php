<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

/**
 * A drawing at full size on as many pages as it takes, in rows from below. Each page overlaps its neighbours, so that crosses
 * at the corners of the overlap come to lie on each other.
 */
final readonly class Tiling
{
    /** What a printer leaves white, and room for the heading, mm. */
    public const EDGE = 12.0;

    public const HEAD = 16.0;

    /** Bars to check the scale by stand here, mm. */
    public const FOOT = 14.0;

    /** By how much two pages show the same, mm. */
    public const OVERLAP = 10.0;

    /**
     * @param  float  $left  of the drawing, mm
     * @param  float  $low  mm
     * @param  float  $width  of what one page shows, mm
     * @param  float  $height  mm
     */
    private function __construct(public Paper $paper, public int $columns, public int $rows, public float $left, public float $low, public float $width, public float $height)
    {
    }

    public static function of(CutDrawing $drawing, Paper $paper): self
    {
        [$left, $low, $right, $high] = array_map(fn (float $metres): float => 1000.0 * $metres, $drawing->extent());
        [$paperWidth, $paperHeight] = $paper->size();
        $width = $paperWidth - 2.0 * self::EDGE;
        $height = $paperHeight - 2.0 * self::EDGE - self::HEAD - self::FOOT;
        // A line at the very edge is drawn whole.
        [$left, $low, $right, $high] = [$left - 1.0, $low - 1.0, $right + 1.0, $high + 1.0];
        $count = fn (float $long, float $page): int => $long <= $page ? 1 : (int) ceil(($long - self::OVERLAP) / ($page - self::OVERLAP) - 1e-9);

        return new self($paper, $count($right - $left, $width), $count($high - $low, $height), $left, $low, $width, $height);
    }

    public function pages(): int
    {
        return $this->columns * $this->rows;
    }

    /** Name of a page as on the map: `B2` is the second from the left in the second row from below. */
    public function name(int $column, int $row): string
    {
        return chr(65 + $row % 26).($column + 1);
    }

    /** @return array{float, float} of the drawing, at the lower left of what a page shows, mm */
    public function origin(int $column, int $row): array
    {
        return [$this->left + $column * ($this->width - self::OVERLAP), $this->low + $row * ($this->height - self::OVERLAP)];
    }
}
