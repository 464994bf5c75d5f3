<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A fan that has no seat on a shape, whatever the filter and however it is made. */
final class NoSeat extends DoesNotFit
{
}
