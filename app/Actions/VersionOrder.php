<?php

namespace App\Actions;

use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Shape\DoesNotFit;

/** What a version is cut by, and with which parts. */
final readonly class VersionOrder
{
    /** @param  DoesNotFit|null  $misfit  why the sizes measured since do not go together in it, so that its own are taken */
    public function __construct(public KitOrder $order, public Catalogue $catalogue, public ?DoesNotFit $misfit = null)
    {
    }
}
