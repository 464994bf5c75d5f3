<?php

declare(strict_types=1);

namespace Jornel\Core\Caution;

/** Something that may be true of a build in its room, by the key that the rules of the cautions use. */
enum Fact: string
{
    /** It has a fan. */
    case Fan = 'fan';
    /** It has filters. */
    case Filters = 'filters';
    /** Something is cut to make it. */
    case BladesAndKnives = 'blades-and-knives';
    case OpenMotor = 'open-motor';
    case LowVoltage = 'low-voltage';
    /** The fan bears no listing mark. */
    case Unlisted = 'unlisted';
    case RearGrilleRemoved = 'rear-grille-removed';
    /** A blower’s intake is open. */
    case OpenIntake = 'open-intake';
    case Pushes = 'pushes';
    /** The air that it cleans comes from outdoors. */
    case FilteredIntake = 'filtered-intake';
    /** The fan draws the house below outdoor pressure. */
    case DrawsTheHouse = 'draws-the-house';
    /** It does not stand by itself. */
    case Mounted = 'mounted';
    case TipsOver = 'tips-over';
    case Carbon = 'carbon';
    /** The rotor is held by a set screw. */
    case SetScrew = 'set-screw';
    case NoFireRating = 'no-fire-rating';
    /** An appliance in the room burns fuel. */
    case FuelBurning = 'fuel-burning';
    /** Loud enough to be switched off. */
    case Annoying = 'annoying';
    /** Loud enough to harm over long hours. */
    case HarmfulNoise = 'harmful-noise';

    /** What the key of a fact that names something begins with, such as `skill:gluing`. */
    public const NAMING = ['pollutant', 'use', 'shape', 'family', 'joining', 'skill', 'hardware'];

    /** The key of a fact that names something. */
    public static function of(string $kind, string $id): string
    {
        return "{$kind}:{$id}";
    }

    public static function isKey(string $key): bool
    {
        return self::tryFrom($key) !== null || in_array(strstr($key, ':', true), self::NAMING, true);
    }
}
