<?php

declare(strict_types=1);

namespace Jornel\Core\Part\Rating;

/** What is commonly claimed for a filter, and whether a filter for particles can keep it. */
final readonly class Claim
{
    public const VERDICTS = ['kept', 'not kept', 'unproven'];

    /**
     * @param  string  $name  such as `dust and pollen`
     * @param  string  $verdict  `kept`, `not kept` or `unproven`
     * @param  string  $says  what of it is true
     */
    public function __construct(public string $id, public string $name, public string $verdict, public string $says)
    {
    }
}
