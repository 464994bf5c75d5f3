<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;

/** What a unit does at one speed of its fan. */
final readonly class Performance
{
    /**
     * @param  float  $freeFlow  of the bare fan in this air, m3/s
     * @param  non-empty-list<FaceFlow>  $faces
     * @param  list<LeakFlow>  $leaks
     * @param  BinShares  $cleanAir  clean-air delivery rate of each bin, m3/s
     */
    private function __construct(
        public FanSpeed $speed,
        public Balance $balance,
        public float $freeFlow,
        public array $faces,
        public array $leaks,
        public BinShares $cleanAir,
    ) {
    }

    /**
     * Every speed of a design, slowest first.
     *
     * @return non-empty-list<self>
     */
    public static function ofAllSpeeds(Design $design, Assembly $assembly, Air $air): array
    {
        $banks = FaceBank::of($assembly->faces, $air);
        $leaks = Leak::of($assembly, $design);
        $leakArea = array_sum(array_map(fn (Leak $leak): float => $leak->area, $leaks));

        return array_map(
            fn (FanSpeed $speed): self => self::atSpeed($speed, $assembly->throttle, $banks, $leaks, $leakArea, $air),
            $design->fan->speeds,
        );
    }

    /** @return float clean-air delivery rate for a pollutant, m3/s */
    public function clean(Pollutant $pollutant): float
    {
        return $pollutant->weigh($this->cleanAir);
    }

    /** Share of the bare fan's free flow that goes through the filters; what leaks earn nothing. */
    public function freeShare(): float
    {
        return $this->balance->filterFlow / $this->freeFlow;
    }

    public function restriction(): Restriction
    {
        return Restriction::ofShare($this->freeShare());
    }

    /** The face that runs fastest against its rating. */
    public function hardestFace(): FaceFlow
    {
        $hardest = $this->faces[0];
        foreach ($this->faces as $face) {
            if ($face->velocity / $face->ratedVelocity > $hardest->velocity / $hardest->ratedVelocity) {
                $hardest = $face;
            }
        }

        return $hardest;
    }

    /**
     * @param  non-empty-list<FaceBank>  $banks
     * @param  list<Leak>  $leaks
     */
    private static function atSpeed(FanSpeed $speed, float $throttle, array $banks, array $leaks, float $leakArea, Air $air): self
    {
        $curve = $speed->curve->scaled($throttle, $air->density / Air::REFERENCE_DENSITY);
        $balance = Balance::of($curve, $banks, $leakArea, $air);
        $faces = [];
        $clean = BinShares::same(0.0);
        foreach ($banks as $bank) {
            $velocity = $bank->law->velocity($balance->pressure);
            $efficiency = $bank->efficiency->at($velocity);
            foreach ($bank->ids as $id) {
                $faces[] = new FaceFlow($id, $velocity * $bank->faceArea, $velocity, $bank->ratedVelocity, $efficiency);
            }
            $clean = $clean->plus($efficiency->scaled($velocity * $bank->area));
        }
        $leakFlows = [];
        foreach ($leaks as $leak) {
            $leakFlows[] = new LeakFlow($leak->name, $leak->area, Leak::flow($leak->area, $balance->pressure, $air->density));
        }

        return new self($speed, $balance, $speed->curve->freeFlow(), $faces, $leakFlows, $clean);
    }
}
