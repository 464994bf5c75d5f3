<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\Bin;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\FilterForm;
use Jornel\Core\Quantity\Money;
use Jornel\Core\Shape\Design;

/** Another filter of the same size and grade: other pleats or another depth, and what it would change. */
final readonly class Substitute
{
    /** How far sides may differ and still be of one nominal size, m (assumed: 1/4 in). */
    private const SAME = 0.00635;

    /**
     * @param  float  $share  clean air in the finest bin over that with the chosen filter, on the highest speed
     * @param  Money  $price  of all of them in the cheapest packs
     * @param  Money  $priceNow  of those chosen
     */
    private function __construct(public Filter $filter, public float $share, public Money $price, public Money $priceNow)
    {
    }

    /** @return list<self> */
    public static function all(KitOrder $order, Catalogue $catalogue): array
    {
        $filter = $order->design->filter;
        $now = self::clean($order->design);
        $found = [];
        foreach ($catalogue->filters as $other) {
            if ($other->id === $filter->id || $other->form !== FilterForm::Panel || $filter->form !== FilterForm::Panel || $other->grade->id !== $filter->grade->id || ! self::isSameSize($filter, $other)) {
                continue;
            }
            try {
                $share = self::clean($order->design->with(filter: $other)) / $now;
            } catch (Invalid) {
                continue;
            }
            $price = fn (Filter $of): Money => $of->packs === [] ? Money::none() : PackMix::cheapest($of->packs, $order->filters())->price;
            $found[] = new self($other, $share, $price($other), $price($filter));
        }
        usort($found, fn (self $one, self $two): int => $two->share <=> $one->share);

        return $found;
    }

    /** How much more or less clean air it gives, per cent. */
    public function shareTold(): string
    {
        return sprintf('%+.0f %%', 100.0 * ($this->share - 1.0));
    }

    /** How much more or less it costs, without the currency. */
    public function priceTold(): string
    {
        return sprintf('%+.2f', ($this->price->hundredths - $this->priceNow->hundredths) / 100.0);
    }

    private static function clean(Design $design): float
    {
        $performances = Performance::ofAllSpeeds($design, $design->assemble(), Air::reference());

        return max(1e-12, $performances[count($performances) - 1]->cleanAir->in(Bin::E1));
    }

    private static function isSameSize(Filter $one, Filter $other): bool
    {
        return abs($one->width - $other->width) < self::SAME && abs($one->height - $other->height) < self::SAME;
    }
}
