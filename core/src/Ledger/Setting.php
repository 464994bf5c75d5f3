<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Caution\Cautions;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Room\Target\Likelihoods;

/** What holds for every build of a programme: the air it stands in, its tariff, and the tables that judge it. */
final readonly class Setting
{
    public function __construct(public Cautions $cautions, public Tolerances $tolerances, public Likelihoods $likelihoods, public Air $air, public Economy $economy)
    {
    }
}
