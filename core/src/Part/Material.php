<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Something used up in building and sold by the piece: a sheet, a roll of tape, a bag of glue sticks. */
final readonly class Material
{
    /**
     * @param  float  $coverage  what one piece does: metres of seam for tape, glue or strip; 1 for sheets and hardware
     * @param  array{float, float}|null  $size  of a sheet, m; null where it is not told
     * @param  list<Pack>  $packs
     * @param  array<string, mixed>  $data
     */
    private function __construct(
        public string $id,
        public string $name,
        public MaterialKind $kind,
        public float $coverage,
        public ?array $size,
        public array $packs,
        public array $data,
    ) {
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws BadRecord
     */
    public static function fromData(array $data): self
    {
        $record = new Record($data);
        [$width, $height] = [$record->optional('width', 0.0), $record->optional('height', 0.0)];

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->oneOf('kind', MaterialKind::Hardware),
            $record->optional('coverage', 0.0)->si ?? 1.0,
            $width === null || $height === null ? null : [$width->si, $height->si],
            Pack::list($record->records('packs')),
            $data,
        );
    }
}
