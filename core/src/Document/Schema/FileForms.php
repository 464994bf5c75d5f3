<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Part\Rating\Claim;
use Jornel\Core\Quantity\Dimension;

/** Forms of the catalogue's own files under `data/`. */
final class FileForms
{
    /** @return array<string, Form> by name of the format */
    public static function all(): array
    {
        return [
            'parts-fans' => self::file('Fans', 'fans', PartForms::fan()->requires('id', 'name', 'family', 'power', 'level', 'speeds', 'body', 'recirculation_open', 'recirculation_shrouded', 'enclosed_motor', 'mass', 'packs')),
            'parts-filters' => self::filters(),
            'parts-joinings' => self::file('Joinings', 'joinings', PartForms::joining()->requires('id', 'name', 'residual_gap', 'minutes_per_seam', 'emission', 'change')),
            'parts-materials' => self::file('Materials', 'materials', PartForms::material()->requires('id', 'name', 'kind', 'packs')),
            'ratings' => self::ratings(),
        ];
    }

    private static function file(string $about, string $key, Form $row): Form
    {
        return self::head($about)->list($key, $row->schema(), '')->requires($key);
    }

    private static function filters(): Form
    {
        $media = Form::about('A kind of media, in every size; drop, capacity, mass and price are those of 20 x 20')
            ->text('id', '')->text('name', '')->text('grade', 'A row of data/reference/grades.json')
            ->number('nominal_depth', ['exclusiveMinimum' => 0], 'in')
            ->object('drop', PartForms::dropPoint())
            ->quantity('rated_velocity', Dimension::Velocity, '')
            ->number('pleats_per_foot', ['exclusiveMinimum' => 0], '')
            ->number('capacity_20x20_g', ['exclusiveMinimum' => 0], 'Of fine test dust')
            ->number('mass_20x20_kg', ['exclusiveMinimum' => 0], '')
            ->list('packs', Form::about('A pack')->count('count', ['minimum' => 1], '')->number('price', ['minimum' => 0], '')->requires('count', 'price')->schema(), '')
            ->requires('id', 'name', 'grade', 'nominal_depth', 'drop', 'rated_velocity', 'pleats_per_foot', 'capacity_20x20_g', 'mass_20x20_kg', 'packs');
        $pair = ['type' => 'array', 'items' => ['type' => 'number', 'exclusiveMinimum' => 0], 'minItems' => 2, 'maxItems' => 2];
        $size = Form::about('A nominal size; the actual size is half an inch less each way where not given')
            ->text('nominal', '')->key('nominal_in', $pair)->key('actual_in', $pair)
            ->number('price_factor', ['exclusiveMinimum' => 0], 'Over the price of 20 x 20')
            ->requires('nominal', 'nominal_in', 'price_factor');

        return self::head('Filters: every media in every size, and others')
            ->list('media', $media->schema(), '')->list('sizes', $size->schema(), '')
            ->list('others', PartForms::filter()->requires('id', 'name', 'nominal', 'form', 'grade', 'width', 'height', 'depth', 'drop', 'rated_velocity', 'pleats_per_foot', 'mass', 'packs')->schema(), '')
            ->requires('media', 'sizes', 'others');
    }

    private static function ratings(): Form
    {
        $claim = Form::about('What is commonly claimed for a filter')
            ->text('id', '')->text('name', '')->choice('verdict', Claim::VERDICTS, 'Whether a filter for particles can keep it')->text('says', 'What of it is true')
            ->requires('id', 'name', 'verdict', 'says');
        $step = Form::about('A step of a scale')
            ->text('step', 'As packs print it')
            ->count('least', ['minimum' => 1, 'maximum' => 16], 'Grade that may be sold under it')->count('most', ['minimum' => 1, 'maximum' => 16], 'The best one')
            ->list('claims', ['type' => 'string'], 'Ids of claims', 0)
            ->requires('step', 'least', 'most', 'claims');
        $scale = Form::about('A scale that packs print')
            ->text('id', '')->text('name', '')->text('source', '')->list('steps', $step->schema(), 'From coarse to fine')
            ->requires('id', 'name', 'source', 'steps');

        return Form::about('What packs print instead of the grade')->text('about', '')
            ->list('claims', $claim->schema(), '')->list('scales', $scale->schema(), '')
            ->requires('about', 'claims', 'scales');
    }

    /** A file says what it holds, and where figures came from that do not say it themselves. */
    private static function head(string $about): Form
    {
        return Form::about($about)->text('about', '')->choice('from', PartForms::provenances(), 'Of figures that have none beside them')->requires('about', 'from');
    }
}
