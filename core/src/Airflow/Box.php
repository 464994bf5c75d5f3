<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Shape\FilterFace;

/** What a fan works against: filter faces and leaks, in the air there is. */
final readonly class Box
{
    /**
     * @param  non-empty-list<FaceBank>  $banks
     * @param  list<Leak>  $leaks
     * @param  float  $leakArea  of all leaks together, m2
     */
    private function __construct(public array $banks, public array $leaks, public float $leakArea, public Air $air)
    {
    }

    /**
     * @param  non-empty-list<FilterFace>  $faces
     * @param  list<Leak>  $leaks
     */
    public static function of(array $faces, array $leaks, Air $air): self
    {
        return new self(FaceBank::of($faces, $air), $leaks, self::area($leaks), $air);
    }

    /** The same with other figures than the rated ones. */
    public function varied(Variation $by): self
    {
        $banks = $by->filterDrop === 1.0 && $by->lnPenetration === 1.0
            ? $this->banks : array_map(fn (FaceBank $bank): FaceBank => $bank->varied($by->filterDrop, $by->lnPenetration), $this->banks);
        if ($this->leaks === [] || ($by->seamGap === 1.0 && $by->opening === 1.0)) {
            return new self($banks, $this->leaks, $this->leakArea, $this->air);
        }
        $leaks = array_map(fn (Leak $leak): Leak => $leak->times($leak->isSeam() ? $by->seamGap : $by->opening), $this->leaks);

        return new self($banks, $leaks, self::area($leaks), $this->air);
    }

    /**
     * The same with dust in its filters.
     *
     * @param  list<list<float>>  $shares  of each bank's layers, over their capacity for that dust
     */
    public function loaded(array $shares): self
    {
        return new self(array_map(fn (FaceBank $bank, array $own): FaceBank => $bank->loaded($own, $this->air), $this->banks, $shares), $this->leaks, $this->leakArea, $this->air);
    }

    /**
     * Clean air by bin at a pressure. It rises with the pressure in every bin: of the share that passes, ln P = -c / Q^k with
     * k below 1, so that Q (1 - P) rises with Q.
     *
     * @param  float  $pressure  between room and box, Pa
     * @return PerBin m3/s
     */
    public function cleanAir(float $pressure): PerBin
    {
        $clean = PerBin::same(0.0);
        foreach ($this->banks as $bank) {
            $flow = $bank->flow($pressure);
            $clean = $clean->plus($bank->cleanAir($flow, $bank->efficiency($flow)));
        }

        return $clean;
    }

    /** The same filters with leaks that are surely of some area in all. */
    public function leaking(float $area): self
    {
        return new self($this->banks, [], $area, $this->air);
    }

    /**
     * The same filters with other leaks.
     *
     * @param  list<Leak>  $leaks
     */
    public function withLeaks(array $leaks): self
    {
        return new self($this->banks, $leaks, self::area($leaks), $this->air);
    }

    /** @return float net face of all filters, m2 */
    public function netArea(): float
    {
        return array_sum(array_map(fn (FaceBank $bank): float => count($bank->ids) * $bank->layers[0]->netArea, $this->banks));
    }

    /** @param  list<Leak>  $leaks */
    private static function area(array $leaks): float
    {
        $area = 0.0;
        foreach ($leaks as $leak) {
            $area += $leak->area;
        }

        return $area;
    }
}
