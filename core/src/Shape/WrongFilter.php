<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A filter that a shape made in one way does not take, whatever the fan. */
final class WrongFilter extends DoesNotFit
{
}
