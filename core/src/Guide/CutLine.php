<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Quantity\TapeFraction;
use Jornel\Core\Shape\Hole;
use Jornel\Core\Shape\Panel;

/** A panel to cut, in sixteenths of an inch. */
final readonly class CutLine
{
    /**
     * @param  string  $label  as on the cut plan
     * @param  int  $count  of them for one unit
     */
    private function __construct(
        public string $label,
        public Panel $panel,
        public int $count,
        public TapeFraction $width,
        public TapeFraction $height,
        public TapeFraction $centreAcross,
        public TapeFraction $centreUp,
        public ?TapeFraction $hole,
        public ?TapeFraction $radius,
    ) {
    }

    /** The centre stands at half the sides: where the diagonals cross. */
    public static function of(Panel $panel, int $count = 1, string $label = 'A'): self
    {
        return new self(
            $label,
            $panel,
            $count,
            TapeFraction::nearest($panel->width),
            TapeFraction::nearest($panel->height),
            TapeFraction::nearest($panel->width / 2.0),
            TapeFraction::nearest($panel->height / 2.0),
            $panel->hole === null ? null : TapeFraction::nearest($panel->hole),
            $panel->hole === null ? null : TapeFraction::nearest($panel->hole / 2.0),
        );
    }

    /**
     * Panels in the order given, those alike as one line.
     *
     * @param  list<Panel>  $panels
     * @return list<self>
     */
    public static function list(array $panels): array
    {
        $alike = [];
        foreach ($panels as $panel) {
            $key = CutList::alike($panel);
            $alike[$key] = [$panel, ($alike[$key][1] ?? 0) + 1];
        }
        $alike = array_values($alike);

        return array_map(fn (array $line, int $number): self => self::of($line[0], $line[1], CutList::letter($number)), $alike, array_keys($alike));
    }

    public function name(): string
    {
        return $this->count === 1 ? "{$this->label} {$this->panel->name}" : "{$this->label} {$this->panel->name}, {$this->count} of them";
    }

    public function sides(): string
    {
        return "{$this->width->text()} × {$this->height->text()} in";
    }

    /** The one round hole in its middle; empty where there is none. */
    public function holeTold(): string
    {
        return $this->hole === null ? '' : "{$this->hole->text()} in";
    }

    /** Its form and holes where it is no plain rectangle with one hole; else empty. */
    public function note(): string
    {
        return implode('; ', array_filter([$this->form(), $this->holes()]));
    }

    /** Where the middle of the one round hole stands: where the diagonals cross. */
    public function centre(): string
    {
        [$across, $up] = [$this->centreAcross->text(), $this->centreUp->text()];

        return $across === $up ? "{$across} in from both edges" : "{$across} in from the left and {$up} in from below";
    }

    /** Holes that are not one round one in the middle, in words; empty where there are none. */
    public function holes(): string
    {
        if ($this->panel->hole !== null) {
            return '';
        }
        $alike = [];
        foreach ($this->panel->holes as $hole) {
            $alike[self::size($hole)][] = $hole;
        }

        return implode('. ', array_map(self::places(...), array_keys($alike), $alike));
    }

    private static function size(Hole $hole): string
    {
        return $hole->isRound ? 'hole '.self::inches($hole->width).' in' : 'opening '.self::inches($hole->width).' × '.self::inches($hole->height).' in';
    }

    /** @param  non-empty-list<Hole>  $holes  alike */
    private static function places(string $size, array $holes): string
    {
        $places = implode('; ', array_map(fn (Hole $hole): string => self::inches($hole->x).' and '.self::inches($hole->y), $holes));

        return count($holes) === 1
            ? "{$size}, its middle {$places} in from the left and from below"
            : sprintf('%d times %s, middles from the left and from below: %s in', count($holes), $size, $places);
    }

    private static function inches(float $metres): string
    {
        return TapeFraction::nearest($metres)->text();
    }

    /** What it is where it is no rectangle; empty where it is one. */
    public function form(): string
    {
        return match (true) {
            $this->panel->isRectangle() => '',
            count($this->panel->outline) === 3 => 'a triangle in this rectangle',
            default => 'the outline drawn, in this rectangle',
        };
    }
}
