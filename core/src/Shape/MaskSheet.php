<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\FilterForm;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Mark;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** Sheets of mask media, overlapped, over a hole in a film on the front of a fan: a last resort. */
final readonly class MaskSheet implements Shape
{
    use UsualShape;

    /** Sheets beside and above each other. */
    private const GRID = [2, 3];

    /** How far sheets overlap each other and the edge of the hole, m (assumed). */
    private const OVERLAP = 0.01;

    private const FILM = 0.0005;

    public function id(): string
    {
        return 'mask-sheet';
    }

    public function name(): string
    {
        return 'Mask sheets on a fan';
    }

    public function description(): string
    {
        return 'Six mask sheets over a hole in a film on a fan’s front: a last resort that cleans little air.';
    }

    public function usualDirection(): Direction
    {
        return Direction::Push;
    }

    public function drawsFromAround(): bool
    {
        return false;
    }

    public function filterCount(Design $design): int
    {
        return self::GRID[0] * self::GRID[1];
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);
        [$width, $height] = $this->patch($design);
        $body = $design->fan->body;
        $hole = ($width - 2.0 * self::OVERLAP) * ($height - 2.0 * self::OVERLAP);

        return new Assembly(
            faces: [FilterFace::of('face-1', $design, $hole)],
            seams: [
                new Seam($design->direction() === Direction::Push ? 'Film to the fan’s front' : 'Film to the fan’s back', 4.0 * $body->side, 4),
                new Seam('Sheets to film', 2.0 * ($width + $height), 4),
                new Seam('Sheet to sheet', (self::GRID[0] - 1) * $height + (self::GRID[1] - 1) * $width, self::GRID[0] + self::GRID[1] - 2),
            ],
            openings: [],
            panels: [Panel::withHoles('film', 'Film', $body->side, $body->side, [Hole::rectangle($body->side / 2.0, $body->side / 2.0, $width - 2.0 * self::OVERLAP, $height - 2.0 * self::OVERLAP)])->from('film-roll')],
            throttle: $body->throttle($hole),
            lengths: ['double-sided-tape' => 2.0 * ($width + $height) + (self::GRID[0] - 1) * $height + (self::GRID[1] - 1) * $width],
            remarks: ['This cleans a small part of what a single panel does: use it only until a filter can be had.'],
        );
    }

    /** The front of the fan towards the viewer. */
    public function scene(Design $design): Scene
    {
        $this->check($design);
        $body = $design->fan->body;
        [$width, $height] = $this->patch($design);
        $sheet = $design->filter->depth;
        $film = $sheet + self::FILM;
        [$x, $z] = [$body->side / 2.0, $body->side / 2.0];
        $back = $film + $body->depth;
        $seat = new Frame(new Point($x, $film, $z), new Point(-1.0, 0.0, 0.0), new Point(0.0, 0.0, 1.0));
        $low = new Point($x - $width / 2.0, 0.0, $z - $height / 2.0);
        $edges = Frame::front($low->x, 0.0, $low->z);
        $lines = [];
        for ($column = 1; $column < self::GRID[0]; $column++) {
            $lines[] = new Mark('pleat', [$edges->at($width * $column / self::GRID[0], 0.0), $edges->at($width * $column / self::GRID[0], $height)], false);
        }
        for ($row = 1; $row < self::GRID[1]; $row++) {
            $lines[] = new Mark('pleat', [$edges->at(0.0, $height * $row / self::GRID[1]), $edges->at($width, $height * $row / self::GRID[1])], false);
        }

        return new Scene([
            Solid::box('face-1', 'filter', $low, new Point($x + $width / 2.0, $sheet, $z + $height / 2.0), ['front' => $lines]),
            Solid::box('film', 'film', new Point(0.0, $sheet, 0.0), new Point($body->side, $film, $body->side)),
            FanSolid::of($design->fan, $seat, false),
        ], [
            new Arrow('fan', 'outlet', new Point($x, $back + 0.03, $z), new Point($x, $back + 0.3, $z)),
            new Arrow('face-1', 'intake', new Point($x, -0.34, $z), new Point($x, -0.05, $z)),
        ], [
            new Anchor('face-1', new Point($x, 0.0, $z)),
            new Anchor('film', new Point($body->side * 0.08, $sheet, $body->side * 0.9)),
            new Anchor('fan', new Point($body->side, $back * 0.6, $body->side * 0.7)),
            new Anchor('seam', new Point($body->side, $film, $body->side * 0.2)),
        ], Extent::box($body->side, $back, $body->side));
    }

    /** @return array{float, float} of all sheets together, m */
    private function patch(Design $design): array
    {
        return [
            self::GRID[0] * $design->filter->width - (self::GRID[0] - 1) * self::OVERLAP,
            self::GRID[1] * $design->filter->height - (self::GRID[1] - 1) * self::OVERLAP,
        ];
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if ($design->filter->form !== FilterForm::Sheet) {
            throw DoesNotFit::notASheet($design->filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, FanFamilies::HOUSED, $this);
        [$width, $height] = $this->patch($design);
        if (max($width, $height) > $design->fan->body->side) {
            throw DoesNotFit::sheetsTooLarge($design->fan, $width, $height);
        }
    }
}
