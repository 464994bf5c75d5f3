<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** Framed filters standing on four sides: the walls of a cube or a tall box. */
final readonly class FourWalls
{
    /** Length of the arrows of the air that are drawn, m. */
    private const ARROW = 0.16;

    /** Joining that tacks the corners of upright walls, a hand's width above and below, m (common practice, no source). */
    public const TACKS = 8.0 * 0.1;

    /** Covered share of a face that is worth a word (assumed). */
    private const MUCH_COVERED = 0.05;

    /**
     * @param  float  $across  width of each frame, m
     * @param  float  $up  height of each frame, m
     * @param  int  $rows  frames one above the other on each side
     * @param  float  $t  depth of the frames, m
     */
    private function __construct(private Design $design, private Layout $layout, private float $across, private float $up, private int $rows, private float $t)
    {
    }

    /**
     * @param  float  $across  side of the frame that lies, m
     * @param  float  $up  side that stands, m
     *
     * @throws DoesNotFit
     */
    public static function of(Design $design, float $across, float $up, Layout $layout = Layout::Pinwheel, int $rows = 1): self
    {
        if (! $design->filter->isFramed()) {
            throw DoesNotFit::notAFrame($design->filter, $design->shape);
        }
        $walls = new self($design, $layout, $across, $up, $rows, $design->stackDepth());
        if (min($walls->netWidths()) <= 0.0 || $walls->top()->openWidth <= 0.0) {
            throw DoesNotFit::tooDeep($design->filter, $design->shape);
        }

        return $walls;
    }

    public function top(): BoxTop
    {
        return match ($this->layout) {
            Layout::Pinwheel => new BoxTop($this->pinwheel()->outside(), $this->pinwheel()->outside(), $this->pinwheel()->inside(), $this->pinwheel()->inside()),
            Layout::TwoBetweenTwo => new BoxTop($this->across, $this->across + 2.0 * $this->t, $this->across - 2.0 * $this->t, $this->across),
        };
    }

    public function height(): float
    {
        return $this->rows * $this->up;
    }

    /** @return non-empty-list<FilterFace> */
    public function faces(): array
    {
        $netHeight = $this->up - 2.0 * $this->design->filter->rim;
        [$front, $side] = $this->netWidths();
        $faces = [];
        for ($row = 0; $row < $this->rows; $row++) {
            foreach ([$front, $side, $front, $side] as $wall => $netWidth) {
                $faces[] = FilterFace::of(sprintf('face-%d', 4 * $row + $wall + 1), $this->design, $netWidth * $netHeight);
            }
        }

        return $faces === [] ? throw new \LogicException('Walls have at least one row.') : $faces;
    }

    /**
     * The seams of the four corners, of the walls with the base, and between rows: with those to a fan on top 4 H + 8 S in a
     * pinwheel.
     *
     * @param  float|null  $baseGap  mean open width under the walls where they only rest there, m
     * @return list<Seam>
     */
    public function seams(string $base, ?float $baseGap = null): array
    {
        return [
            new Seam('Filter to filter, upright', 4.0 * $this->height(), 4),
            ...($this->rows > 1 ? [new Seam('Filter to filter, lying', 4.0 * ($this->rows - 1) * $this->across, 4 * ($this->rows - 1))] : []),
            new Seam("Filters to {$base}", $this->top()->perimeter(), 4, $baseGap),
        ];
    }

    /** @return list<string> */
    public function remarks(): array
    {
        $covered = 1.0 - min($this->netWidths()) / ($this->across - 2.0 * $this->design->filter->rim);

        return [
            ...($covered < self::MUCH_COVERED ? [] : [sprintf(
                'Frames this deep cover %.0f %% of each other’s face where they overlap. Joined outside at the corners with strips instead, or in a shallower depth, they would keep it.',
                100.0 * $covered,
            )]),
            ...($this->layout === Layout::TwoBetweenTwo ? ['Two between two makes a rectangle: a square fan no longer covers it all round.'] : []),
        ];
    }

    /**
     * The frames of each row, the first in front, the others anticlockwise as seen from above.
     *
     * @param  float  $z  height of their lower edge, m
     * @return list<Solid>
     */
    public function solids(float $z): array
    {
        $solids = [];
        for ($row = 0; $row < $this->rows; $row++) {
            $solids = [...$solids, ...$this->row($row, $z + $row * $this->up)];
        }

        return $solids;
    }

    /** @return list<Arrow> */
    public function arrows(float $z): array
    {
        $top = $this->top();
        $z += $this->up * 0.5;
        $a = self::ARROW;

        return [
            new Arrow('face-1', 'intake', new Point($top->width / 2.0, -$a * 1.9, $z), new Point($top->width / 2.0, -$a * 0.5, $z)),
            new Arrow('face-2', 'intake', new Point($top->width + $a * 1.9, $top->depth / 2.0, $z), new Point($top->width + $a * 0.5, $top->depth / 2.0, $z)),
        ];
    }

    /** @return list<Anchor> */
    public function anchors(float $z): array
    {
        $top = $this->top();
        $h = $this->up;

        return [
            new Anchor('face-1', new Point($top->width * 0.3, 0.0, $z + $h * 0.6)),
            new Anchor('face-2', new Point($top->width, $top->depth * 0.6, $z + $h * 0.6)),
            new Anchor('seam', new Point($top->width, 0.0, $z + $h * 0.22)),
            new Anchor('box', new Point(0.0, 0.0, $z + $h * 0.3)),
        ];
    }

    /**
     * Open width of the frames in front and behind, and of those at the sides: inside the rim, and beside the strip on
     * which a neighbour stands with its edge.
     *
     * @return array{float, float} m
     */
    private function netWidths(): array
    {
        $rim = $this->design->filter->rim;
        $strip = max($rim, $this->t);

        return match ($this->layout) {
            Layout::Pinwheel => [$this->pinwheel()->netWidth($rim), $this->pinwheel()->netWidth($rim)],
            Layout::TwoBetweenTwo => [$this->across - 2.0 * $strip, $this->across - 2.0 * $rim],
        };
    }

    private function pinwheel(): Pinwheel
    {
        return new Pinwheel($this->across, $this->t);
    }

    /** @return list<Solid> */
    private function row(int $row, float $z): array
    {
        [$w, $t] = [$this->across, $this->t];
        $s = $w + $t;
        $places = match ($this->layout) {
            Layout::Pinwheel => [[0.0, 0.0, $w, $t], [$w, 0.0, $s, $w], [$t, $w, $s, $s], [0.0, $t, $t, $s]],
            Layout::TwoBetweenTwo => [[0.0, 0.0, $w, $t], [$w - $t, $t, $w, $s], [0.0, $s, $w, $s + $t], [0.0, $t, $t, $s]],
        };
        $solids = [];
        foreach ($places as $wall => [$x0, $y0, $x1, $y1]) {
            $marks = match ($wall) {
                0 => ['front' => FilterMarks::on($this->design->filter, Frame::front($x0, $y0, $z), $x1 - $x0, $this->up)],
                1 => ['right' => FilterMarks::on($this->design->filter, Frame::right($x1, $y0, $z), $y1 - $y0, $this->up)],
                2 => ['back' => FilterMarks::on($this->design->filter, new Frame(new Point($x1, $y1, $z), new Point(-1.0, 0.0, 0.0), new Point(0.0, 0.0, 1.0)), $x1 - $x0, $this->up)],
                default => ['left' => FilterMarks::on($this->design->filter, new Frame(new Point($x0, $y1, $z), new Point(0.0, -1.0, 0.0), new Point(0.0, 0.0, 1.0)), $y1 - $y0, $this->up)],
            };
            $solids[] = Solid::box(sprintf('face-%d', 4 * $row + $wall + 1), 'filter', new Point($x0, $y0, $z), new Point($x1, $y1, $z + $this->up), $marks);
        }

        return $solids;
    }
}
