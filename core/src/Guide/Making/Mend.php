<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Quantity\Texts;

/** Something that goes wrong while a unit is made, and what mends it. */
enum Mend: string
{
    case ReversedArrow = 'reversed-arrow';
    case NotSquare = 'not-square';
    case Gap = 'gap';
    case TornMedia = 'torn-media';
    case FanBackwards = 'fan-backwards';
    case BladeTouches = 'blade-touches';
    case FrameWillNotGoIn = 'frame-will-not-go-in';
    case FanDoesNotFit = 'fan-does-not-fit';
    case CutWrong = 'cut-wrong';
    case GlueTooSoon = 'glue-too-soon';
    case FanDead = 'fan-dead';
    case FilterDoesNotDraw = 'filter-does-not-draw';
    case SomethingMissing = 'something-missing';

    /**
     * What may have gone wrong in a step, by what it does.
     *
     * @return non-empty-list<self>
     */
    public static function of(Step $step): array
    {
        $all = $step->mends;
        foreach ($step->reaches as $milestone) {
            array_push($all, ...self::at($milestone));
        }
        if ($step->isCutting) {
            $all[] = self::CutWrong;
        }
        if ($step->seams > 0) {
            array_push($all, self::Gap, ...in_array('glue gun', $step->tools(), true) ? [self::GlueTooSoon] : []);
        }
        if (in_array('face', $step->sets, true) || array_filter($step->uses, fn (PartUse $use): bool => $use->kind === UseKind::Filter) !== []) {
            $all[] = self::TornMedia;
        }
        $all[] = self::SomethingMissing;

        return array_values(array_unique($all, SORT_REGULAR));
    }

    /** In a few words, as somebody would say it. */
    public function title(): string
    {
        return Texts::of('mends')->tell("{$this->value}.title");
    }

    /** What to do, in whole sentences. */
    public function advice(): string
    {
        return Texts::of('mends')->tell("{$this->value}.advice");
    }

    /** What must be reached anew afterwards, so that the steps from there on are done again; null for nothing. */
    public function backTo(): ?Milestone
    {
        return match ($this) {
            self::ReversedArrow => Milestone::ArrowsChecked,
            self::NotSquare => Milestone::Square,
            self::Gap, self::TornMedia, self::FilterDoesNotDraw => Milestone::TissueTested,
            self::FanBackwards => Milestone::FanSet,
            self::BladeTouches => Milestone::BladesFree,
            self::FanDead => Milestone::FanMarked,
            self::FanDoesNotFit => Milestone::Fitted,
            self::FrameWillNotGoIn, self::CutWrong, self::GlueTooSoon, self::SomethingMissing => null,
        };
    }

    /** @return list<self> */
    private static function at(Milestone $milestone): array
    {
        return match ($milestone) {
            Milestone::FanMarked => [self::FanDead],
            Milestone::ArrowsChecked => [self::ReversedArrow],
            Milestone::Standing => [self::NotSquare, self::ReversedArrow],
            Milestone::Square => [self::NotSquare],
            Milestone::Stiffened => [self::FrameWillNotGoIn],
            Milestone::Fitted => [self::FanDoesNotFit],
            Milestone::Closed => [self::FrameWillNotGoIn],
            Milestone::FanSet => [self::FanBackwards, self::FanDoesNotFit],
            Milestone::CornersClosed, Milestone::BladesFree => [self::BladeTouches],
            Milestone::FirstRun => [self::BladeTouches, self::FanBackwards, self::FanDead],
            Milestone::TissueTested => [self::Gap, self::FilterDoesNotDraw, self::FanBackwards, self::ReversedArrow],
            Milestone::Patched => [self::Gap, self::TornMedia],
            Milestone::Framed, Milestone::Drilled, Milestone::BoardFits, Milestone::Foamed, Milestone::Topped, Milestone::Filled, Milestone::Canister, Milestone::Blowing, Milestone::StandOff, Milestone::SpeedSet, Milestone::Covered, Milestone::Paired, Milestone::FirstCorner, Milestone::SecondCorner, Milestone::KitCounted, Milestone::Unplugged, Milestone::GrilleOff, Milestone::Sealed, Milestone::Guarded, Milestone::Wired, Milestone::Labelled => [],
        };
    }
}
