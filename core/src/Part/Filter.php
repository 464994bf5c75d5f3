<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Air\Bin;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\UnitOfMeasure;

/** A filter as it is bought: a flat panel in a frame, a ring cartridge or a loose sheet. */
final readonly class Filter
{
    /** Width of the frame's rim that covers media, m (assumed). */
    public const RIM = 0.012;

    /** How far two frames of one nominal size may differ, m (assumed). */
    private const SAME_SIZE = 0.007;

    /**
     * @param  string  $nominal  size printed on the frame, such as `20x20x1`
     * @param  float  $width  actual, m; of a ring its outside diameter
     * @param  float  $height  actual, m
     * @param  float  $depth  actual, m; of a ring half of outside less inside diameter
     * @param  float  $rim  m
     * @param  float  $ratedVelocity  face velocity above which dust is driven through, m/s
     * @param  float  $pleatPitch  m from pleat to pleat
     * @param  float  $mass  kg
     * @param  float  $carbon  activated carbon in it, kg
     * @param  Loading|null  $loading  of the whole net face; null where its dust capacity is not known
     * @param  Provenance  $provenance  of its drop
     * @param  Provenance  $gradeFrom  of its efficiency
     * @param  list<Pack>  $packs
     * @param  array<string, mixed>  $data  the entry it was read from, kept with every version that used it
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $nominal,
        public FilterForm $form,
        public Grade $grade,
        public float $width,
        public float $height,
        public float $depth,
        public float $rim,
        public PressureLaw $pressureLaw,
        public Efficiency $efficiency,
        public float $ratedVelocity,
        public float $pleatPitch,
        public float $mass,
        public float $carbon,
        public ?Loading $loading,
        public array $packs,
        public Provenance $provenance,
        public Provenance $gradeFrom,
        public array $data,
    ) {
    }

    /**
     * From one self-contained entry: the catalogue's, or the copy that a version kept.
     *
     * @param  array<string, mixed>  $data
     * @param  string  $path  of the entry in a larger whole, for a fault
     *
     * @throws BadRecord
     */
    public static function fromData(array $data, string $path = ''): self
    {
        $record = new Record($data, $path);
        $drops = is_array($data['drop'] ?? null) && array_is_list($data['drop']) ? $record->records('drop') : [$record->child('drop')];
        $points = array_map(fn (Record $drop): array => [$drop->figure('velocity', 0.0)->si, $drop->figure('pressure', 0.0)->si], $drops);
        /** @var array{id: string, name: string, within?: string, number?: int|null, efficiency: array{float, float, float}, hepa?: bool} $gradeRow */
        $gradeRow = $record->child('grade')->data();
        $grade = Grade::fromRow($gradeRow);
        $own = isset($data['efficiency']) ? $record->child('efficiency') : null;

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->text('nominal'),
            $record->oneOf('form', FilterForm::Panel),
            $grade,
            $record->figure('width', 0.0)->si,
            $record->figure('height', 0.0)->si,
            $record->figure('depth', 0.0)->si,
            $record->optional('rim', 0.0)->si ?? self::RIM,
            PressureLaw::fromPoints($points === [] ? throw BadRecord::missing($record->path('drop')) : $points),
            $own === null ? $grade->efficiency() : $grade->efficiencyOf(self::shares($own, $grade->efficiency)),
            $record->optional('rated_velocity', 0.0)->si ?? RatedVelocity::usual($record),
            UnitOfMeasure::Foot->toSi(1.0) / $record->number('pleats_per_foot', 0.0)->si,
            $record->figure('mass', 0.0)->si,
            $record->optional('carbon', -1e-12)->si ?? 0.0,
            ($capacity = $record->optional('capacity', 0.0)) === null ? null : new Loading($capacity->si, $record->optional('growth', 1.0)->si ?? Loading::GROWTH),
            Pack::list($record->records('packs')),
            $drops[0]->figure('pressure', 0.0)->provenance,
            self::efficiencyFrom($own),
            $data,
        );
    }

    /**
     * Shares of its own, those of the grade where it has none.
     *
     * @throws BadRecord when one is not from 0 to 1
     */
    private static function shares(Record $own, PerBin $grade): PerBin
    {
        return PerBin::each(function (Bin $bin) use ($own, $grade): float {
            $share = $own->optional($bin->value, -1e-12)->si ?? $grade->in($bin);

            return $share <= 1.0 ? $share : throw BadRecord::notAShare($own->path($bin->value), $share);
        });
    }

    private static function efficiencyFrom(?Record $own): Provenance
    {
        foreach (Bin::cases() as $bin) {
            if ($own?->has($bin->value) === true) {
                return $own->provenance($bin->value);
            }
        }

        return Provenance::Rated;
    }

    /**
     * Its entry with the efficiency of its grade written out where it has none of its own.
     *
     * @return array<string, mixed>
     */
    public function spelledOut(): array
    {
        $own = is_array($this->data['efficiency'] ?? null) ? $this->data['efficiency'] : [];

        return ['efficiency' => $own + array_map(fn (float $rated): array => ['value' => $rated, 'from' => Provenance::Rated->value], $this->grade->efficiency->toArray())] + $this->data;
    }

    /**
     * The same with rated values only, or after its charge has gone.
     *
     * @param  bool  $corrects  whether efficiency is corrected for the velocity it runs at
     * @param  float  $load  dust over its capacity by which its charge has gone; 0 for none
     */
    public function treated(bool $corrects, float $load): self
    {
        $efficiency = $corrects ? $this->efficiency : $this->efficiency->withoutCorrection();

        return new self(
            $this->id, $this->name, $this->nominal, $this->form, $this->grade, $this->width, $this->height, $this->depth, $this->rim, $this->pressureLaw,
            $load > 0.0 ? $efficiency->withFinestKept(Loading::chargeKept($load)) : $efficiency,
            $this->ratedVelocity, $this->pleatPitch, $this->mass, $this->carbon, $this->loading, $this->packs, $this->provenance, $this->gradeFrom, $this->data,
        );
    }

    /** Whether it is a flat panel in a frame, as against a ring or a loose sheet. */
    public function isFramed(): bool
    {
        return $this->form === FilterForm::Panel;
    }

    /**
     * Net face: (W - 2r)(H - 2r); of a ring, pi x outside diameter x height; of a loose sheet all of it.
     *
     * @return float m2
     */
    public function netArea(): float
    {
        return match ($this->form) {
            FilterForm::Ring => M_PI * $this->width * $this->height,
            FilterForm::Sheet => $this->width * $this->height,
            default => ($this->width - 2.0 * $this->rim) * ($this->height - 2.0 * $this->rim),
        };
    }

    /**
     * Media folded into it.
     *
     * @return float m2
     */
    public function mediaArea(): float
    {
        return match ($this->form) {
            FilterForm::Ring => MediaArea::of(M_PI * $this->width, $this->height, $this->depth, $this->pleatPitch),
            FilterForm::Sheet => $this->width * $this->height,
            default => MediaArea::of($this->width, $this->height, $this->depth, $this->pleatPitch),
        };
    }

    /** Whether it can stand in front of another: both in frames of one size. */
    public function matches(self $other): bool
    {
        return $this->isFramed() && $other->isFramed()
            && abs($this->width - $other->width) <= self::SAME_SIZE && abs($this->height - $other->height) <= self::SAME_SIZE;
    }

    /** What its form and size are, the same for all filters that fit the same builds. */
    public function geometry(): string
    {
        return sprintf('%s %.6f %.6f %.6f %.6f', $this->form->value, $this->width, $this->height, $this->depth, $this->rim);
    }

    /**
     * An imagined filter of the same geometry that is in no way worse than any of these: the least drop, the most caught, the surest figures.
     *
     * @param  non-empty-list<self>  $filters  of one geometry, all corrected for velocity or none
     */
    public static function noWorseThan(array $filters): self
    {
        $best = $filters[0];

        return new self(
            'no-worse', $best->name, $best->nominal, $best->form, $best->grade, $best->width, $best->height, $best->depth, $best->rim,
            new PressureLaw(min(array_map(fn (self $filter): float => $filter->pressureLaw->viscous, $filters)), min(array_map(fn (self $filter): float => $filter->pressureLaw->inertial, $filters))),
            Efficiency::noWorseThan(array_map(fn (self $filter): Efficiency => $filter->efficiency, $filters)),
            $best->ratedVelocity, $best->pleatPitch, $best->mass, $best->carbon, null, $best->packs,
            Provenance::surest(array_map(fn (self $filter): Provenance => $filter->provenance, $filters)),
            Provenance::surest(array_map(fn (self $filter): Provenance => $filter->gradeFrom, $filters)), $best->data,
        );
    }

    /**
     * How commonly a shop nearby has it: 0 for a grade in a whole size, 1 for an odd size, 2 for a class that shops know by
     * another name (common practice, no source). Of equal builds the commoner parts are preferred.
     */
    public function shopRank(): int
    {
        return match (true) {
            (string) $this->grade->number !== $this->grade->id => 2,
            str_contains($this->nominal, '.') => 1,
            default => 0,
        };
    }

    public function isSquare(): bool
    {
        return abs($this->width - $this->height) < 1e-6;
    }
}
