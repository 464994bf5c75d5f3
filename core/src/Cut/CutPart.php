<?php

declare(strict_types=1);

namespace Jornel\Core\Cut;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Nest\Piece;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Sheet;

/** One part to cut, so many times: as it is drawn, its outside towards whoever looks at it. */
final readonly class CutPart
{
    /** How far a cut may be off, m: with a knife 1/16 in, with a saw 1/32 in (common practice, no source). */
    private const BY_KNIFE = 0.0015875;

    private const BY_SAW = 0.00079375;

    /**
     * @param  string  $label  A, B, ...; with the number of the unit before it where there are several kinds
     * @param  string  $id  the part of the drawing that it is
     * @param  int  $count  of them, for all units
     * @param  string  $material  id of the catalogue's sheet, or of the thing that it is cut into
     * @param  non-empty-list<PlanePoint>  $outline  about its own origin, m, anticlockwise
     * @param  list<CutHole>  $holes  about the same origin
     * @param  bool  $mayTurn  whether flutes and grain do not matter; else they run along its width
     * @param  bool  $isCutInto  whether it is cut into something that stays whole
     * @param  list<array{PlanePoint, PlanePoint}>  $folds  lines to fold along, m
     * @param  float  $tolerance  m
     */
    private function __construct(
        public string $label,
        public string $id,
        public string $name,
        public int $count,
        public string $material,
        public array $outline,
        public array $holes,
        public bool $mayTurn,
        public bool $isCutInto,
        public array $folds,
        public float $tolerance,
    ) {
    }

    /**
     * @param  int  $count  1 or more
     */
    public static function of(string $label, Panel $panel, int $count, bool $isCutInto = false): self
    {
        $isUpright = $panel->runsAlong && $panel->height > $panel->width;
        $isSawn = str_starts_with($panel->sheet, Sheet::Plywood->value) || str_starts_with($panel->sheet, 'rod');
        // Laid on its side so that the grain runs along its width.
        $lay = fn (PlanePoint $at): PlanePoint => $isUpright ? new PlanePoint($panel->height - $at->y, $at->x) : $at;
        $outline = array_map($lay, $panel->outline);
        $folds = array_map(fn (array $ends): array => [$lay($ends[0]), $lay($ends[1])], $panel->folds);
        $holes = array_map(CutHole::of(...), $panel->holes);
        if ($isUpright) {
            $holes = array_map(fn (CutHole $hole): CutHole => $hole->laidOnSide($panel->height), $holes);
        }

        return new self($label, $panel->id, $panel->name, $count, $panel->sheet, $outline, $holes, ! $panel->runsAlong, $isCutInto, $folds, $isSawn ? self::BY_SAW : self::BY_KNIFE);
    }

    /**
     * One that is told in a document.
     *
     * @param  int  $count  1 or more
     * @param  non-empty-list<PlanePoint>  $outline  m, anticlockwise
     * @param  list<CutHole>  $holes
     * @param  list<array{PlanePoint, PlanePoint}>  $folds  m
     * @param  float|null  $tolerance  m; null for a knife's
     */
    public static function told(string $label, string $name, int $count, string $material, array $outline, array $holes, bool $mayTurn, bool $isCutInto = false, array $folds = [], ?float $tolerance = null): self
    {
        return new self($label, '', $name, $count, $material, $outline, $holes, $mayTurn, $isCutInto, $folds, $tolerance ?? self::BY_KNIFE);
    }

    /** @return float m */
    public function width(): float
    {
        return max(array_column($this->outline, 'x')) - min(array_column($this->outline, 'x'));
    }

    /** @return float m */
    public function height(): float
    {
        return max(array_column($this->outline, 'y')) - min(array_column($this->outline, 'y'));
    }

    /** @return float board of one, m2 */
    public function area(): float
    {
        return (new Polygon($this->outline))->area() - array_sum(array_map(fn (CutHole $hole): float => $hole->area(), $this->holes));
    }

    /** One of them to lay on a sheet. */
    public function piece(): Piece
    {
        return new Piece($this->label, $this->outline, array_map(fn (CutHole $hole): array => $hole->corners(), $this->holes), $this->mayTurn, $this->material);
    }
}
