<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** How a person wants a log to be read where what was guessed is not right. Null leaves a thing to be guessed. */
final readonly class LogChoices
{
    /**
     * @param  int|null  $time  place of the column with the time
     * @param  int|null  $value  place of the column with the readings
     * @param  string|null  $sensor  whose readings are meant
     */
    public function __construct(public ?int $time = null, public ?int $value = null, public ?Clock $clock = null, public ?string $sensor = null)
    {
    }
}
