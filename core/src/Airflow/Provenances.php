<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Quantity\Provenance;

/** Where each of the figures came from that a balance rests on. */
final readonly class Provenances
{
    public function __construct(
        public Provenance $fanFlow,
        public Provenance $fanPressure,
        public Provenance $filterDrop,
        public Provenance $penetration,
        public Provenance $seamGap,
        public Provenance $opening,
    ) {
    }
}
