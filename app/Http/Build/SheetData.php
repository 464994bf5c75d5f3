<?php

namespace App\Http\Build;

use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Guide\BuildSheet;
use Jornel\Core\Guide\CutLine;
use Jornel\Core\Guide\Making\Step;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Sheet', description: 'What stands on the build sheet')]
final readonly class SheetData
{
    /**
     * @param  list<array{name: string, size: string, note: string, centre: string, hole: string, plan: string}>  $cuts
     * @param  list<array{action: string, reason: string, minutes: int, holds: list<string>}>  $steps
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'size', 'note', 'centre', 'hole', 'plan'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'size', type: 'string'),
            new OA\Property(property: 'note', type: 'string', description: 'Its form and holes where it is no plain rectangle with one hole'),
            new OA\Property(property: 'centre', type: 'string'), new OA\Property(property: 'hole', type: 'string', description: 'Empty for none'),
            new OA\Property(property: 'plan', type: 'string', description: 'Drawing as SVG'),
        ]))] public array $cuts,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['action', 'reason', 'minutes', 'holds'], properties: [
            new OA\Property(property: 'action', type: 'string'), new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'minutes', type: 'integer'), new OA\Property(property: 'holds', type: 'array', items: new OA\Items(type: 'string'), description: 'What must be ticked'),
        ]))] public array $steps,
        #[OA\Property(description: 'Work on one unit, to the next five minutes')] public int $minutes,
    ) {
    }

    public static function of(BuildSheet $sheet): self
    {
        return new self(
            array_map(fn (CutLine $cut): array => [
                'name' => $cut->name(), 'size' => $cut->sides(),
                'note' => $cut->note(),
                'centre' => $cut->centre(), 'hole' => $cut->holeTold(),
                'plan' => PrintSvg::panel($cut->panel),
            ], $sheet->cuts),
            array_map(fn (Step $step): array => [
                'action' => $step->action, 'reason' => $step->reason, 'minutes' => (int) round($step->minutes()), 'holds' => $step->holds,
            ], $sheet->steps),
            $sheet->minutesTold(),
        );
    }
}
