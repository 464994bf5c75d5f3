<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Fault\Invalid;

final class InvalidCutPlan extends Invalid
{
    public static function count(int $sheet, int $most): self
    {
        return new self("sheets.{$sheet}.count", "Enter how many there are: 1 to {$most}.");
    }
}
