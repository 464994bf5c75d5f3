<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/** Which of several sheets is begun next. */
enum Opening
{
    case FirstNamed;
    case Smallest;

    public function prefers(StockSheet $sheet, StockSheet $other): bool
    {
        return match ($this) {
            self::FirstNamed => false,
            self::Smallest => $sheet->area() < $other->area(),
        };
    }
}
