<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Part\BuiltInShroud;
use Jornel\Core\Part\FanFamily;
use Jornel\Core\Part\FilterForm;
use Jornel\Core\Part\FireRating;
use Jornel\Core\Part\FixingPlace;
use Jornel\Core\Part\JoiningKind;
use Jornel\Core\Part\Knob;
use Jornel\Core\Part\MaterialKind;
use Jornel\Core\Part\Rotor;
use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Quantity\Provenance;

/** Forms of the parts: as the catalogue's files hold them, and as a document may write one out. */
final class PartForms
{
    private const SHARE = ['minimum' => 0, 'maximum' => 1];

    private const NOT_NEGATIVE = ['minimum' => 0];

    public static function fan(): Form
    {
        return self::part('A fan, free figures at its top speed in free air')
            ->choice('family', self::values(FanFamily::cases()), 'Which shapes have a seat for it')
            ->choice('type', ['propeller', 'mixed-flow', 'centrifugal'], 'By which the two-figure form has its exponent: 1.2, 2, 2 (assumed)')
            ->key('curve', ['type' => 'array', 'minItems' => 2, 'items' => self::fanPoint()->schema()], 'Points of pressure over flow; ends that are missing are estimated, a stall hump is cut')
            ->figure('free_flow', Dimension::Flow, 'Against no pressure')
            ->figure('advertised_flow', Dimension::Flow, 'Where nothing else is known; needs real_to_advertised')
            ->number('real_to_advertised', ['exclusiveMinimum' => 0, 'maximum' => 2], 'Real over advertised flow')
            ->figure('shut_off', Dimension::Pressure, 'Pressure at which nothing flows')
            ->number('exponent', ['exclusiveMinimum' => 0], 'm of P = P0 (1 - (Q / Q0)^m)')
            ->flag('at_ceiling', 'The rating stands at the ceiling of its test method: at least')
            ->figure('guard_loss', Dimension::Pressure, 'Pressure that the guard takes at top speed', self::NOT_NEGATIVE)
            ->figure('power', Dimension::Power, 'At the plug')
            ->figure('level', Dimension::Level, 'At 1 m', [])
            ->key('speeds', ['type' => 'array', 'minItems' => 1, 'items' => self::speed()->schema()], 'Slowest first')
            ->number('volts', ['exclusiveMinimum' => 0], 'Direct current it is made for')
            ->object('body', Form::about('Outer form')
                ->choice('form', ['square', 'round'], '')
                ->figure('side', Dimension::Length, 'Side of the square or diameter')
                ->figure('blade_circle', Dimension::Length, 'Diameter swept by the blades')
                ->figure('depth', Dimension::Length, 'Along the shaft')
                ->figure('corner_radius', Dimension::Length, 'Of a square body', self::NOT_NEGATIVE))
            ->figure('recirculation_open', Dimension::Area, 'Back through open corners', self::NOT_NEGATIVE)
            ->figure('recirculation_taped', Dimension::Area, 'Left with the front corners taped; a third of the open one where not given', self::NOT_NEGATIVE)
            ->figure('recirculation_shrouded', Dimension::Area, 'Left with a shroud', self::NOT_NEGATIVE)
            ->number('pushing_factor', ['exclusiveMinimum' => 0, 'maximum' => 1], 'Share of its flows left when it pushes')
            ->flag('enclosed_motor', '')
            ->choice('motor', ['AC', 'EC'], '')
            ->figure('standing_power', Dimension::Power, 'Drawn by the electronics of an EC motor or a 12 V fan while it stands: 2 W and 0.2 W where not given (assumed)', self::NOT_NEGATIVE)
            ->flag('holds_flow', 'Of an EC motor: whether it speeds up against pressure so that the flow of a setting holds')
            ->figure('mass', Dimension::Mass, '')
            ->figure('carton_width', Dimension::Length, '')->figure('carton_height', Dimension::Length, '')->figure('carton_depth', Dimension::Length, '')
            ->figure('cable', Dimension::Length, '')->figure('hole_pitch', Dimension::Length, 'Between screw holes')
            ->list('outlet_in', ['type' => 'number'], 'Mouth of a blower, in')
            ->text('stand', 'What it stands on as it is bought')->text('guard', 'In words')->text('tone', 'What it sounds like')
            ->choice('knob', self::values(Knob::cases()), 'Where its speed is set')
            ->choice('rotor', self::values(Rotor::cases()), 'How its blades are held')
            ->choice('plastic_fire_rating', self::values(FireRating::cases()), 'What is stated of its housing')
            ->choice('built_in_shroud', self::values(BuiltInShroud::cases()), 'A ring in line with the blades works like a shroud; a plate in front only closes the corners')
            ->list('shaft', ['enum' => self::values(ShaftPosition::cases())], 'Positions of the shaft that its bearings allow')
            ->flag('rear_grille', 'Whether a grille closes its intake side')->flag('remote', '')->flag('listed', 'Whether it bears a recognised listing mark')
            ->notTogether('curve', 'free_flow')->notTogether('free_flow', 'advertised_flow');
    }

    public static function filter(): Form
    {
        return self::part('A filter')
            ->text('nominal', 'Size printed on the frame')
            ->choice('form', self::values(FilterForm::cases()), '')
            ->key('grade', ['type' => ['string', 'object']], 'A row of data/reference/grades.json, by id or written out')
            ->object('efficiency', self::efficiency())
            ->figure('width', Dimension::Length, 'Actual; of a ring its outside diameter')
            ->figure('height', Dimension::Length, 'Actual')
            ->figure('depth', Dimension::Length, 'Actual; of a ring half of outside less inside diameter')
            ->figure('inside', Dimension::Length, 'Inside diameter of a ring')
            ->figure('rim', Dimension::Length, 'Of the frame, 12 mm where not given', self::NOT_NEGATIVE)
            ->key('drop', ['type' => ['array', 'object'], 'minItems' => 1, 'items' => self::dropPoint()->schema(), 'if' => ['type' => 'object'], 'then' => self::dropPoint()->schema()], 'Rated points, velocity over the net face')
            ->figure('rated_velocity', Dimension::Velocity, 'Above it dust is driven through; where not given 1.5 m/s of plain media up to 1 in, 2.5 of dense or deeper media, 1.0 of faces under half a square foot (assumed)')
            ->number('pleats_per_foot', ['exclusiveMinimum' => 0], '')
            ->figure('capacity', Dimension::Mass, 'Of fine test dust on the whole net face')
            ->number('growth', ['exclusiveMinimum' => 1], 'Of the drop at capacity')
            ->figure('mass', Dimension::Mass, '')
            ->figure('carbon', Dimension::Mass, 'Of carbon in it');
    }

    public static function joining(): Form
    {
        return self::part('A way of joining frames')
            ->figure('residual_gap', Dimension::Length, 'Mean open width along a seam', self::NOT_NEGATIVE)
            ->number('minutes_per_seam', self::NOT_NEGATIVE, 'Minutes of work')
            ->text('with', 'Its name within a sentence: close the seam with ...; the name where not given')
            ->text('emission', '')->text('change', 'How filters are changed')
            ->choice('kind', self::values(JoiningKind::cases()), 'How it holds; by its skill and material where not given')
            ->key('material', ['type' => ['string', 'null']], 'What it uses up along the seams, by id')
            ->number('passes', ['exclusiveMinimum' => 0], 'Times that a seam is gone over; 2 where not given')
            ->list('fixings', Form::about('Pieces that hold at places, beside what goes along the seams')
                ->text('material', 'By id')->choice('per', self::values(FixingPlace::cases()), 'Where one set of them goes')
                ->number('count', ['exclusiveMinimum' => 0], 'Pieces at each place; metres of what is sold by length')
                ->requires('material', 'per', 'count')->schema(), '', 0)
            ->flag('trial', 'Whether it is a trial to feel and hear and no build: found only when trials are asked for')
            ->list('tools', ['type' => 'string'], '', 0)->text('skill', '')
            ->list('holds', ['type' => 'string'], 'Shapes that it can hold together; any where not given');
    }

    public static function material(): Form
    {
        return self::part('Something used up in building')
            ->choice('kind', self::values(MaterialKind::cases()), '')
            ->number('coverage', ['exclusiveMinimum' => 0], 'Metres of seam in one pass, or 1')
            ->figure('width', Dimension::Length, '')->figure('height', Dimension::Length, '')->figure('thickness', Dimension::Length, '')
            ->figure('carbon', Dimension::Mass, '');
    }

    /** A rated point of a filter. */
    public static function dropPoint(): Form
    {
        return Form::about('Drop at a velocity over the net face')
            ->figure('velocity', Dimension::Velocity, '')
            ->figure('pressure', Dimension::Pressure, '')
            ->choice('from', self::provenances(), '')
            ->requires('velocity', 'pressure');
    }

    public static function fanPoint(): Form
    {
        return Form::about('Pressure at a flow')
            ->figure('flow', Dimension::Flow, '', self::NOT_NEGATIVE)
            ->figure('pressure', Dimension::Pressure, '', self::NOT_NEGATIVE)
            ->choice('from', self::provenances(), '')
            ->requires('flow', 'pressure');
    }

    public static function efficiency(): Form
    {
        return Form::about('Share caught in each bin at the rating velocity, 0 to 1')
            ->number('e1', self::SHARE, '0.3 to 1 micrometre')->number('e2', self::SHARE, '1 to 3')->number('e3', self::SHARE, '3 to 10')
            ->choice('from', self::provenances(), '')
            ->requires('e1', 'e2', 'e3');
    }

    public static function speed(): Form
    {
        return Form::about('A speed by the fan laws')
            ->text('name', '')
            ->number('ratio', ['exclusiveMinimum' => 0], 'Over the top speed')
            ->number('volts', ['exclusiveMinimum' => 0], 'In place of a ratio')
            ->figure('power', Dimension::Power, 'Its own, in place of that by the fan laws')
            ->figure('level', Dimension::Level, 'Its own, at 1 m')
            ->requires('name')->oneWay([['ratio'], ['volts']]);
    }

    /**
     * @param  list<\BackedEnum>  $cases
     * @return list<string>
     */
    private static function values(array $cases): array
    {
        return array_map(fn (\BackedEnum $case): string => (string) $case->value, $cases);
    }

    /** @return list<string> */
    public static function provenances(): array
    {
        return array_map(fn (Provenance $from): string => $from->value, Provenance::cases());
    }

    /** What every part has, and `like` when it is written out after one of the catalogue. */
    private static function part(string $about): Form
    {
        return Form::about($about)
            ->text('id', '')->text('name', '')
            ->text('like', 'In a document: a part of the catalogue, by id, whose other figures hold')
            ->choice('from', self::provenances(), 'Where its figures came from')
            ->list('packs', Form::about('A pack as it is sold')->count('count', ['minimum' => 1], '')->number('price', ['minimum' => 0], '')->requires('count', 'price')->schema(), '');
    }
}
