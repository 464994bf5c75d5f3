<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;

/** What else is known of a fan than its figures: how it is switched, held and stood up, and what is stated about it. */
final class FanFacts
{
    /** @return list<array{string, Sentence}> what, and how it is */
    public static function of(Fan $fan): array
    {
        $handling = $fan->handling;
        $texts = Texts::of('parts');
        $said = [
            'motor' => $texts->text('motor.'.($fan->motor->isEnclosed ? 'enclosed' : 'open').($fan->motor->holdsFlow ? '.holds-flow' : '')),
            'knob' => $texts->text("knob.{$handling->knob->value}".($handling->hasRemote ? '.remote' : '')),
            'shaft' => implode(', ', array_map(fn (ShaftPosition $one): string => $texts->text("shaft.{$one->value}"), array_values(array_filter(ShaftPosition::cases(), $handling->allows(...))))),
            'rotor' => $texts->text("rotor.{$handling->rotor->value}"),
            'plastic' => $texts->text("plastic.{$handling->fireRating->value}"),
            'listing' => $texts->text($handling->isListed ? 'listing.usual' : 'listing.look'),
            // Told in the fan's own words.
            ...array_map(fn (mixed $told): string => is_string($told) ? $told : '', array_intersect_key($fan->data, array_flip(['guard', 'stand', 'tone']))),
        ];
        $facts = [];
        foreach ($said as $what => $how) {
            if ($how !== '') {
                $facts[] = [$texts->text($what), Sentence::plain($how)];
            }
        }

        return $handling->cable === null ? $facts : [...$facts, [$texts->text('cord'), $texts->say('cord.length', length: [Display::RoomLength, $handling->cable])]];
    }
}
