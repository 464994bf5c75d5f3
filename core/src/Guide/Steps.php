<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Guide\Making\ArraySteps;
use Jornel\Core\Guide\Making\BucketSteps;
use Jornel\Core\Guide\Making\CommonSteps;
use Jornel\Core\Guide\Making\CubeSteps;
use Jornel\Core\Guide\Making\DrawerSteps;
use Jornel\Core\Guide\Making\DuctBoxSteps;
use Jornel\Core\Guide\Making\MaskSheetSteps;
use Jornel\Core\Guide\Making\PanelSteps;
use Jornel\Core\Guide\Making\Precedence;
use Jornel\Core\Guide\Making\RaisedCubeSteps;
use Jornel\Core\Guide\Making\RingSteps;
use Jornel\Core\Guide\Making\ShapeSteps;
use Jornel\Core\Guide\Making\SlimTowerSteps;
use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Guide\Making\TallBoxSteps;
use Jornel\Core\Guide\Making\ToteSteps;
use Jornel\Core\Guide\Making\WedgeSteps;
use Jornel\Core\Guide\Making\WindowInsertSteps;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\ArrayBox;
use Jornel\Core\Shape\Bucket;
use Jornel\Core\Shape\Cube;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Drawer;
use Jornel\Core\Shape\DuctBox;
use Jornel\Core\Shape\FlatPanel;
use Jornel\Core\Shape\MaskSheet;
use Jornel\Core\Shape\RaisedCube;
use Jornel\Core\Shape\Ring;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\SlimTower;
use Jornel\Core\Shape\StackedPanel;
use Jornel\Core\Shape\TallBox;
use Jornel\Core\Shape\Tote;
use Jornel\Core\Shape\Wedge;
use Jornel\Core\Shape\WindowInsert;
use LogicException;

/** Steps of making a unit, for every shape. */
final class Steps
{
    /**
     * Steps of making a design that fits, in order.
     *
     * @return non-empty-list<Step>
     *
     * @throws DoesNotFit
     */
    public static function of(Design $design): array
    {
        return Precedence::order(self::unordered($design));
    }

    /**
     * The same in no order, for whoever only adds them up.
     *
     * @return non-empty-list<Step>
     *
     * @throws DoesNotFit
     */
    public static function unordered(Design $design): array
    {
        return [...self::by($design->shape)->of($design), ...CommonSteps::besides($design)];
    }

    /**
     * The solids of a design, each with the number of the step that sets it.
     *
     * @throws DoesNotFit
     */
    public static function scene(Design $design): Scene
    {
        return $design->scene()->inSteps(array_map(fn (Step $step): array => $step->sets, self::of($design)));
    }

    private static function by(Shape $shape): ShapeSteps
    {
        return match (true) {
            $shape instanceof ArrayBox => new ArraySteps($shape),
            $shape instanceof Bucket => new BucketSteps($shape),
            $shape instanceof Cube => new CubeSteps($shape),
            $shape instanceof Drawer => new DrawerSteps($shape),
            $shape instanceof DuctBox => new DuctBoxSteps($shape),
            $shape instanceof FlatPanel, $shape instanceof StackedPanel => new PanelSteps($shape),
            $shape instanceof MaskSheet => new MaskSheetSteps,
            $shape instanceof RaisedCube => new RaisedCubeSteps($shape),
            $shape instanceof Ring => new RingSteps,
            $shape instanceof SlimTower => new SlimTowerSteps($shape),
            $shape instanceof TallBox => new TallBoxSteps($shape),
            $shape instanceof Tote => new ToteSteps,
            $shape instanceof Wedge => new WedgeSteps($shape),
            $shape instanceof WindowInsert => new WindowInsertSteps($shape),
            default => throw new LogicException('No steps are known of '.$shape::class.'.'),
        };
    }
}
