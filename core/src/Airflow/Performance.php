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
        $box = Box::of($assembly->faces, Leak::of($assembly, $design), $air);

        return array_map(
            fn (FanSpeed $speed): self => self::in($box, $speed, $assembly->throttle),
            $design->fan->speeds,
        );
    }

    /**
     * One speed of a fan on a box.
     *
     * @param  float  $flowFactor  on every flow of the fan: throttling, pushing; above 0, at most 1
     */
    public static function in(Box $box, FanSpeed $speed, float $flowFactor = 1.0): self
    {
        $curve = $speed->curve->scaled($flowFactor, $box->air->density / Air::REFERENCE_DENSITY);
        $balance = Balance::of($curve, $box);
        $faces = [];
        $clean = BinShares::same(0.0);
        foreach ($box->banks as $bank) {
            $flow = $bank->flow($balance->pressure);
            $efficiency = $bank->efficiency($flow);
            $hardest = $bank->hardestLayer();
            foreach ($bank->ids as $id) {
                $faces[] = new FaceFlow($id, $flow, $flow / $bank->layers[0]->netArea, $flow / $hardest->netArea, $hardest->ratedVelocity, $efficiency);
            }
            $clean = $clean->plus($efficiency->scaled($flow * count($bank->ids)));
        }
        $leaks = [];
        foreach ($box->leaks as $leak) {
            $leaks[] = new LeakFlow($leak->name, $leak->area, Leak::flow($leak->area, $balance->pressure, $box->air->density));
        }

        return new self($speed, $balance, $speed->curve->freeFlow(), $faces, $leaks, $clean);
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
            if ($face->hardestVelocity / $face->ratedVelocity > $hardest->hardestVelocity / $hardest->ratedVelocity) {
                $hardest = $face;
            }
        }

        return $hardest;
    }
}
