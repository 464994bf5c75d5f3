<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The order of the job is the order of the folders; run by the static analysis of the core. */
final class FolderRules
{
    private const ORDER = ['Fault', 'Numeric', 'Geometry', 'Nest', 'Quantity', 'Air', 'Sound', 'Part', 'Scene', 'Shape', 'Airflow', 'Plan', 'Room', 'Caution', 'Cut', 'CutFile', 'Kit', 'Drawing', 'Guide', 'BuildDay', 'Measure', 'Finder', 'Ledger', 'Proof', 'Data', 'Document'];

    /** @return iterable<Rule> */
    #[TestRule]
    public function test_a_folder_uses_only_those_above_it(): iterable
    {
        foreach (self::ORDER as $place => $folder) {
            $below = array_slice(self::ORDER, $place + 1);
            if ($below === []) {
                continue;
            }
            yield PHPat::rule()
                ->classes(Selector::inNamespace("Jornel\\Core\\{$folder}"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(fn (string $later): object => Selector::inNamespace("Jornel\\Core\\{$later}"), $below))
                ->because("{$folder} stands above them in the order of the job");
        }
    }

    #[TestRule]
    public function test_the_core_knows_no_framework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Jornel\Core'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate'), Selector::inNamespace('Laravel'), Selector::inNamespace('App'),
                Selector::inNamespace('Symfony'), Selector::inNamespace('OpenApi'),
            )
            ->because('the rules of the job are framework-free');
    }
}
