<?php

declare(strict_types=1);

namespace Jornel\Core\Tests;

use Jornel\Core\Air\Air;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\Setting;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Room\Room;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Shapes;

/** Builds and rooms for the tests, from the shipped catalogue. */
final class Sample
{
    private static ?DataFiles $data = null;

    private static ?Catalogue $catalogue = null;

    public static function data(): DataFiles
    {
        return self::$data ??= new DataFiles(dirname(__DIR__, 2).'/data');
    }

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= self::data()->catalogue();
    }

    /** @param  array<string, string>  $options */
    public static function design(
        string $shape = 'cube',
        string $fan = 'box-20-plain',
        string $filter = '20x20x1-g13-economy',
        string $joining = 'duct-tape',
        Corners $corners = Corners::Shroud,
        array $options = [],
        ?string $prefilter = null,
        ?Direction $direction = null,
    ): Design {
        $catalogue = self::catalogue();

        return new Design(Shapes::get($shape), $catalogue->fan($fan), $catalogue->filter($filter), $catalogue->joining($joining), $corners, $prefilter === null ? null : $catalogue->filter($prefilter), $direction, $options);
    }

    /**
     * @param  array<string, mixed>  $figures  in place of the catalogue's
     * @param  string  $replacing  a list that goes whole in place of the catalogue's
     */
    public static function fan(array $figures, string $id = 'box-20-plain', string $replacing = ''): Fan
    {
        return Fan::fromData(array_replace_recursive(array_diff_key(self::catalogue()->fan($id)->data, [$replacing => true]), $figures));
    }

    /** @param  array<string, mixed>  $figures in place of the catalogue's */
    public static function filter(array $figures, string $id = '20x20x1-g13-economy'): Filter
    {
        return Filter::fromData(array_replace($figures + self::catalogue()->filter($id)->data, $figures));
    }

    public static function room(
        float $length = 9.0,
        float $width = 7.0,
        float $height = 3.0,
        int $people = 25,
        string $pollutant = 'wildfire-pm25',
        ?float $noiseLimit = null,
        string $use = 'classroom',
        bool $hasFuelBurning = false,
        ?float $outdoor = null,
    ): Room {
        return Room::of('Room', self::data()->occupancies()->get($use), FloorPlan::rectangle($length, $width, $height), $people, self::data()->pollutants()->get($pollutant), $noiseLimit, $hasFuelBurning, outdoor: $outdoor);
    }

    public static function ledger(Room $room, string $goal, Design $design, int $units = 1, ?string $speed = null): Ledger
    {
        $targets = self::data()->targets();

        return Ledger::ofRoom($room, $targets->get($goal), $targets)->with($design, $units, $speed, self::catalogue(), self::setting());
    }

    public static function setting(?Economy $economy = null, ?Air $air = null): Setting
    {
        return new Setting(self::data()->cautions(), self::data()->tolerances(), self::data()->likelihoods(), $air ?? Air::reference(), $economy ?? Economy::withoutEnergy());
    }
}
