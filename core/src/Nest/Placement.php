<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/** Where a part lies on a sheet. */
final readonly class Placement
{
    /**
     * @param  float  $x  of the lower left of its extent as it lies, m
     * @param  float  $y  m
     */
    public function __construct(public Piece $piece, public Pose $pose, public float $x, public float $y)
    {
    }

    /** @return array{float, float} where the part's own origin lies, m */
    public function origin(): array
    {
        return [$this->x - $this->pose->left, $this->y - $this->pose->low];
    }

    /**
     * A part laid down by hand.
     *
     * @param  float  $x  of its own origin, m
     * @param  float  $y  m
     * @param  int  $degrees  anticlockwise about it
     */
    public static function at(Piece $piece, float $x, float $y, int $degrees): self
    {
        $pose = $piece->posed($degrees);

        return new self($piece, $pose, $x + $pose->left, $y + $pose->low);
    }
}
