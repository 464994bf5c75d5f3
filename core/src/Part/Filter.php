<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A filter as it is bought: a flat panel in a frame, a ring cartridge or a loose sheet. */
final readonly class Filter
{
    /** Width of the frame's rim that covers media, m (assumed). */
    public const RIM = 0.012;

    /**
     * @param  string  $nominal  size printed on the frame, such as `20x20x1`
     * @param  string  $form  `panel`, `ring` or `sheet`
     * @param  float  $width  actual, m; of a ring its outside diameter
     * @param  float  $height  actual, m
     * @param  float  $depth  actual, m; of a ring half of outside less inside diameter
     * @param  float  $rim  m
     * @param  float  $ratedVelocity  face velocity above which dust is driven through, m/s
     * @param  float  $pleatPitch  m from pleat to pleat
     * @param  float  $mass  kg
     * @param  list<Pack>  $packs
     * @param  array<string, mixed>  $data  the entry it was read from, kept with every version that used it
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $nominal,
        public string $form,
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
        public array $packs,
        public Provenance $provenance,
        public array $data,
    ) {
    }

    /**
     * From one self-contained entry: the catalogue's, or the copy that a version kept.
     *
     * @param  array<string, mixed>  $data
     *
     * @throws BadRecord
     */
    public static function fromData(array $data): self
    {
        $record = new Record($data);
        $drops = is_array($data['drop'] ?? null) && array_is_list($data['drop']) ? $record->records('drop') : [$record->child('drop')];
        $points = array_map(fn (Record $drop): array => [$drop->figure('velocity', 0.0)->si, $drop->figure('pressure', 0.0)->si], $drops);
        /** @var array{id: string, name: string, number?: int|null, efficiency: array{float, float, float}, hepa?: bool} $gradeRow */
        $gradeRow = $record->child('grade')->data();
        $grade = Grade::fromRow($gradeRow);

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->text('nominal'),
            $record->text('form'),
            $grade,
            $record->figure('width', 0.0)->si,
            $record->figure('height', 0.0)->si,
            $record->figure('depth', 0.0)->si,
            $record->optional('rim', 0.0)->si ?? self::RIM,
            PressureLaw::fromPoints($points === [] ? throw BadRecord::missing('drop') : $points),
            $grade->efficiency(),
            $record->figure('rated_velocity', 0.0)->si,
            1.0 / ($record->number('pleats_per_foot', 0.0)->si / 0.3048),
            $record->figure('mass', 0.0)->si,
            Pack::list($record->records('packs')),
            $drops[0]->figure('pressure', 0.0)->provenance,
            $data,
        );
    }

    /** Whether it is a flat panel in a frame, as against a ring or a loose sheet. */
    public function isFramed(): bool
    {
        return $this->form === 'panel';
    }

    public function isSquare(): bool
    {
        return abs($this->width - $this->height) < 1e-6;
    }
}
