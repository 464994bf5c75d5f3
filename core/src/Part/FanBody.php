<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Outer form of a fan, as it must be seated. */
final readonly class FanBody
{
    /**
     * @param  string  $form  `square` or `round`
     * @param  float  $side  side of the square or diameter of the round body, m
     * @param  float  $bladeCircle  diameter swept by the blades, m
     * @param  float  $cornerRadius  radius of a square body's corners, m; zero for a round one
     * @param  float  $depth  along the shaft, m
     */
    public function __construct(
        public string $form,
        public float $side,
        public float $bladeCircle,
        public float $cornerRadius,
        public float $depth,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->text('form'),
            $record->figure('side', 0.0)->si,
            $record->figure('blade_circle', 0.0)->si,
            $record->optional('corner_radius')->si ?? 0.0,
            $record->figure('depth', 0.0)->si,
        );
    }

    public function isRound(): bool
    {
        return $this->form === 'round';
    }

    /** @return float m2 */
    public function bladeArea(): float
    {
        return M_PI / 4.0 * $this->bladeCircle ** 2;
    }

    /** @return float round its housing, m */
    public function perimeter(): float
    {
        return $this->isRound() ? M_PI * $this->side : 4.0 * $this->side;
    }

    /**
     * What an opening leaves of the flow: its area over the blades' where it is the smaller.
     *
     * @param  float  $opening  area that all the air must go through, m2
     * @return float 0 to 1
     */
    public function throttle(float $opening): float
    {
        return min(1.0, $opening / $this->bladeArea());
    }
}
