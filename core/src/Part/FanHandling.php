<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\UnitOfMeasure;

/** How a fan may be set up, switched and held, and what is stated about it. */
final readonly class FanHandling
{
    /** What stands are called that come off before a fan lies on a box or takes a filter. */
    private const FEET = ['tilting foot', 'own stand', 'wheels'];

    /**
     * @param  bool  $hasRemote  whether its speed can be set from afar
     * @param  list<ShaftPosition>  $shaft  positions of its shaft that its bearings allow
     * @param  bool  $hasRearGrille  whether a grille closes its intake side
     * @param  bool  $isListed  whether it bears a recognised listing mark
     * @param  float|null  $cable  m; null where it is not told
     * @param  float|null  $holePitch  between its screw holes, m; null where it has none
     * @param  array{float, float}|null  $mouth  of a blower, width and height, m
     * @param  bool  $hasFoot  whether it comes with a foot, a stand or wheels that are in the way of a filter
     */
    private function __construct(
        public Knob $knob,
        public bool $hasRemote,
        private array $shaft,
        public bool $hasRearGrille,
        public bool $isListed,
        public Rotor $rotor,
        public FireRating $fireRating,
        public ?float $cable,
        public ?float $holePitch,
        public ?array $mouth,
        public bool $hasFoot,
    ) {
    }

    /** @throws BadRecord */
    public static function read(Record $fan): self
    {
        $mouth = isset($fan->data()['outlet_in']) ? $fan->numbers('outlet_in') : [];

        return new self(
            knob: $fan->choice('knob', Knob::None),
            hasRemote: $fan->flagOr('remote', false),
            shaft: isset($fan->data()['shaft']) ? $fan->choices('shaft', ShaftPosition::Horizontal) : ShaftPosition::cases(),
            hasRearGrille: $fan->flagOr('rear_grille', false),
            isListed: $fan->flagOr('listed', true),
            rotor: $fan->choice('rotor', Rotor::FactoryFitted),
            fireRating: $fan->choice('plastic_fire_rating', FireRating::NoneStated),
            cable: $fan->optional('cable', 0.0)?->si,
            holePitch: $fan->optional('hole_pitch', 0.0)?->si,
            hasFoot: in_array($fan->data()['stand'] ?? '', self::FEET, true),
            mouth: count($mouth) === 2 ? [UnitOfMeasure::Inch->toSi($mouth[0]), UnitOfMeasure::Inch->toSi($mouth[1])] : null,
        );
    }

    public function allows(ShaftPosition $position): bool
    {
        return in_array($position, $this->shaft, true);
    }

    /** Whether its speed can be set only with a hand on its intake side. */
    public function isSetFromBehind(): bool
    {
        return $this->knob === Knob::Back && ! $this->hasRemote;
    }
}
