<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;

/** What the flat sheets of a unit are cut from: base, cover, shroud and collar. */
enum Sheet: string
{
    case Carton = 'carton';
    case CorrugatedPlastic = 'corrugated-plastic';
    case FoamBoard = 'foam-board';
    case Plywood = 'plywood';

    public static function option(): ShapeOption
    {
        $names = array_map(fn (self $sheet): string => $sheet->label(), self::cases());

        return (new ShapeOption('sheet', 'Sheet for base, cover and shroud', array_combine(array_column(self::cases(), 'value'), $names), self::Carton->value))->ofTheRoom();
    }

    /** The one that a design is made with; carton where its shape leaves no choice. */
    public static function of(Design $design): self
    {
        return self::tryFrom($design->option('sheet')) ?? self::Carton;
    }

    public function label(): string
    {
        return match ($this) {
            self::Carton => 'Carton',
            self::CorrugatedPlastic => 'Corrugated plastic',
            self::FoamBoard => 'Foam board',
            self::Plywood => 'Plywood',
        };
    }

    /** Id of the catalogue's sheet that is bought of it. */
    public function material(): string
    {
        return match ($this) {
            self::Carton => Panel::CARTON,
            self::CorrugatedPlastic => 'corrugated-plastic-48x96',
            self::FoamBoard => 'foam-board-20x30',
            self::Plywood => 'plywood-24x48',
        };
    }

    /** @return float m (typical) */
    public function thickness(): float
    {
        return match ($this) {
            self::Carton, self::CorrugatedPlastic => Panel::THICKNESS,
            self::FoamBoard => 0.005,
            self::Plywood => 0.006,
        };
    }

    /** Mass that it bears between the walls of a box, kg (assumed). */
    public function bears(): float
    {
        return match ($this) {
            self::Carton => 5.0,
            self::CorrugatedPlastic => 6.5,
            self::FoamBoard => 3.5,
            self::Plywood => 25.0,
        };
    }

    /**
     * What stands on it or hangs from it between the walls must not bend it.
     *
     * @param  float  $mass  kg
     *
     * @throws DoesNotFit
     */
    public function mustBear(float $mass, Fan $fan): void
    {
        if ($mass > $this->bears()) {
            throw DoesNotFit::tooHeavy($fan, $mass, $this);
        }
    }

    /** What it is called in a drawing, by which it is coloured and weighed. */
    public function drawnAs(): string
    {
        return match ($this) {
            self::Carton => 'board',
            self::CorrugatedPlastic => 'corrugated',
            self::FoamBoard => 'foam',
            self::Plywood => 'wood',
        };
    }

    /** How parts are cut from it, a whole sentence. */
    public function cutting(): string
    {
        return match ($this) {
            self::Carton => 'Cut the parts to the sizes of the cut list from the cartons.',
            self::CorrugatedPlastic => 'Cut the parts to the sizes of the cut list from corrugated plastic; score it lightly first, then press deeper.',
            self::FoamBoard => 'Cut the parts to the sizes of the cut list from foam board.',
            self::Plywood => 'Saw the parts to the sizes of the cut list from plywood.',
        };
    }

    public function isSawn(): bool
    {
        return $this === self::Plywood;
    }
}
