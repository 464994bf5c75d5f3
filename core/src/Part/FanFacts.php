<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;

/** What else is known of a fan than its figures: how it is switched, held and stood up, and what is stated about it. */
final class FanFacts
{
    /** @return list<array{string, Sentence}> what, and how it is */
    public static function of(Fan $fan): array
    {
        $handling = $fan->handling;
        $told = fn (string $key): string => is_string($fan->data[$key] ?? null) ? $fan->data[$key] : '';
        $facts = [
            'Motor' => ($fan->motor->isEnclosed ? 'enclosed' : 'open').($fan->motor->holdsFlow ? ', speeds up to hold its flow' : ''),
            'Speed is set' => match ($handling->knob) {
                Knob::Front => 'in front',
                Knob::Top => 'on top',
                Knob::Back => 'on its intake side: inside a box that it pulls through',
                Knob::Lead => 'on its lead',
                Knob::None => 'not on the fan',
            }.($handling->hasRemote ? ', or from afar' : ''),
            'Shaft may be' => implode(', ', array_map(fn (ShaftPosition $one): string => $one->value, array_values(array_filter(ShaftPosition::cases(), $handling->allows(...))))),
            'Rotor' => match ($handling->rotor) {
                Rotor::PressFit => 'pressed on: check that it is not loose',
                Rotor::SetScrew => 'held by a set screw: check that it is tight',
                Rotor::ThreadedNut => 'held by a nut',
                Rotor::FactoryFitted => 'fitted by its maker',
            },
            'Plastic' => match ($handling->fireRating) {
                FireRating::Metal => 'none that matters, metal',
                FireRating::V0 => 'fire rating V-0 stated',
                FireRating::V2 => 'fire rating V-2 stated',
                FireRating::NoneStated => 'no fire rating stated',
            },
            'Listing mark' => $handling->isListed ? 'usual on this kind' : 'look for one',
            'Guard' => $told('guard'),
            'Stands on' => $told('stand'),
            'Sounds' => $told('tone'),
        ];
        $said = [];
        foreach (array_filter($facts, fn (string $fact): bool => $fact !== '') as $what => $how) {
            $said[] = [$what, Sentence::of('%s', $how)];
        }

        return $handling->cable === null ? $said : [...$said, ['Cord', Sentence::of('%s long', [Display::RoomLength, $handling->cable])]];
    }
}
