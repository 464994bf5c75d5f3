<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Cone;
use Jornel\Core\Shape\EndCap;

/** A part for a printer: as a solid, and as OpenSCAD text whose first lines are its sizes, to be changed by hand. */
final readonly class PrintedPart
{
    /** Room for a frame that is slid in, mm (assumed). */
    private const PLAY = 0.4;

    /** Width of a clip, length of its arms, mm (assumed). */
    private const CLIP = 16.0;

    private const ARM = 18.0;

    /** Height of a spacer and its outer diameter, mm (assumed); the hole is that of the fan's screws. */
    private const SPACER = [5.0, 9.0];

    private const SCREW = 4.3;

    /** @param  int  $count  1 or more */
    private function __construct(public string $id, public string $name, public int $count, public bool $isNeeded, public Mesh $mesh, public string $scad)
    {
    }

    /** From a cartridge to a fan, upright, its wide end below. */
    public static function cone(Cone $cone, int $count = 1): self
    {
        [$wide, $narrow, $height, $wall] = [1000.0 * $cone->wide, 1000.0 * $cone->narrow, 1000.0 * $cone->height, 1000.0 * Cone::WALL];

        return new self(
            'cone', 'Cone', $count, true,
            Mesh::turned([[$wide / 2.0, 0.0], [$wide / 2.0 + $wall, 0.0], [$narrow / 2.0 + $wall, $height], [$narrow / 2.0, $height]]),
            self::text('Cone between two round openings', ['wide' => $wide, 'narrow' => $narrow, 'height' => $height, 'wall' => $wall], <<<'SCAD'
                difference() {
                    cylinder(h = height, d1 = wide + 2 * wall, d2 = narrow + 2 * wall);
                    translate([0, 0, -0.01]) cylinder(h = height + 0.02, d1 = wide, d2 = narrow);
                }
                SCAD),
        );
    }

    /**
     * On the end of a ring cartridge: a plate with a lip that holds by friction.
     *
     * @param  float  $diameter  of the cartridge outside, m
     * @param  float  $bore  of a hole in the plate, m; 0 for none
     */
    public static function endCap(float $diameter, float $bore = 0.0, int $count = 1): self
    {
        $cap = new EndCap($diameter);
        [$inside, $outside, $lip, $wall, $hole] = [1000.0 * $cap->inside(), 1000.0 * $cap->outside(), 1000.0 * EndCap::LIP, 1000.0 * Cone::WALL, 1000.0 * $bore];
        $profile = [[$hole / 2.0, 0.0], [$outside, 0.0], [$outside, $wall + $lip], [$inside, $wall + $lip], [$inside, $wall], [$hole / 2.0, $wall]];

        return new self(
            'cap', 'End cap', $count, true, Mesh::turned($profile),
            self::text('End cap of a ring cartridge', ['inside' => 2.0 * $inside, 'lip' => $lip, 'wall' => $wall, 'bore' => $hole], <<<'SCAD'
                difference() {
                    cylinder(h = wall + lip, d = inside + 2 * wall);
                    translate([0, 0, wall]) cylinder(h = lip + 0.01, d = inside);
                    if (bore > 0) translate([0, 0, -0.01]) cylinder(h = wall + 0.02, d = bore);
                }
                SCAD),
        );
    }

    /** Between a small fan and its panel, one at each screw. */
    public static function spacer(int $count): self
    {
        [$height, $outside] = self::SPACER;

        return new self(
            'spacer', 'Fan spacer', $count, false,
            Mesh::turned([[self::SCREW / 2.0, 0.0], [$outside / 2.0, 0.0], [$outside / 2.0, $height], [self::SCREW / 2.0, $height]]),
            self::text('Spacer between a fan and its panel', ['height' => $height, 'outside' => $outside, 'hole' => self::SCREW], <<<'SCAD'
                difference() {
                    cylinder(h = height, d = outside);
                    translate([0, 0, -0.01]) cylinder(h = height + 0.02, d = hole);
                }
                SCAD),
        );
    }

    /** Holds the edge of a filter's frame. */
    public static function filterClip(Filter $filter, int $count): self
    {
        [$depth, $wall] = [1000.0 * $filter->depth + self::PLAY, 1000.0 * Cone::WALL];
        $outline = [[0.0, 0.0], [self::ARM, 0.0], [self::ARM, $wall], [$wall, $wall], [$wall, $wall + $depth], [self::ARM, $wall + $depth], [self::ARM, 2.0 * $wall + $depth], [0.0, 2.0 * $wall + $depth]];

        return new self(
            'filter-clip', 'Filter clip', $count, false, Mesh::drawnUp($outline, self::CLIP),
            self::text('Clip over the edge of a filter', ['depth' => $depth, 'arm' => self::ARM, 'wall' => $wall, 'width' => self::CLIP], <<<'SCAD'
                linear_extrude(width) difference() {
                    square([arm, depth + 2 * wall]);
                    translate([wall, wall]) square([arm, depth]);
                }
                SCAD),
        );
    }

    /** Holds two boards at a right angle. */
    public static function cornerClip(float $thickness, int $count): self
    {
        [$gap, $wall, $arm] = [1000.0 * $thickness + self::PLAY, 1000.0 * Cone::WALL, self::ARM];
        $o = 2.0 * $wall + $gap;
        // Two channels that meet: one opens to the right, one upwards.
        $outline = [[0.0, 0.0], [$o + $arm, 0.0], [$o + $arm, $wall], [$o, $wall], [$o, $wall + $gap], [$o + $arm, $wall + $gap], [$o + $arm, $o], [$o, $o], [$o, $o + $arm], [$wall + $gap, $o + $arm], [$wall + $gap, $o], [$wall, $o], [$wall, $o + $arm], [0.0, $o + $arm]];

        return new self(
            'corner-clip', 'Corner clip', $count, false, Mesh::drawnUp($outline, self::CLIP),
            self::text('Clip for two boards at a corner', ['gap' => $gap, 'arm' => $arm, 'wall' => $wall, 'width' => self::CLIP], <<<'SCAD'
                side = gap + 2 * wall;
                linear_extrude(width) difference() {
                    union() {
                        square([side + arm, side]);
                        square([side, side + arm]);
                    }
                    translate([side, wall]) square([arm + 1, gap]);
                    translate([wall, side]) square([gap, arm + 1]);
                }
                SCAD),
        );
    }

    /** @param  array<string, float>  $sizes  mm, by name */
    private static function text(string $about, array $sizes, string $solid): string
    {
        $lines = array_map(fn (string $name, float $size): string => sprintf('%s = %s;', $name, rtrim(rtrim(sprintf('%.4f', $size), '0'), '.')), array_keys($sizes), array_values($sizes));

        return "// {$about}. All sizes in millimetres.\n".implode("\n", $lines)."\n\$fn = ".Mesh::STEPS.";\n\n{$solid}\n";
    }
}
