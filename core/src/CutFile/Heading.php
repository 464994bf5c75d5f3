<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

/** What every cut file says of itself besides its part. */
final readonly class Heading
{
    /**
     * @param  string  $project  name of the programme, room or build
     * @param  string  $date  as it is written
     * @param  bool  $isMeasured  whether the sizes that it rests on were measured
     */
    public function __construct(public string $project, public string $date, public bool $isMeasured = false)
    {
    }

    /** @return list<string> */
    public function lines(string $part): array
    {
        return [$this->project, $part, $this->date, ...($this->isMeasured ? [] : ['Check sizes before you cut'])];
    }
}
