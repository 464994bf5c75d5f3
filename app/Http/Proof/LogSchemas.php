<?php

namespace App\Http\Proof;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Log', required: ['id', 'name', 'source', 'meter', 'rows', 'began_at', 'columns', 'time', 'value', 'clock', 'sensors', 'sensor', 'notes'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'source', type: 'string', enum: ['typed', 'file', 'phone', 'meter']), new OA\Property(property: 'meter', type: 'string', nullable: true, description: 'That told it'), new OA\Property(property: 'rows', type: 'integer'),
    new OA\Property(property: 'began_at', type: 'string', format: 'date-time', nullable: true),
    new OA\Property(property: 'columns', type: 'array', items: new OA\Items(type: 'object', required: ['place', 'name', 'kind'], properties: [new OA\Property(property: 'place', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'kind', type: 'string')])),
    new OA\Property(property: 'time', type: 'integer', nullable: true, description: 'Place of the column that was taken for the time'), new OA\Property(property: 'value', type: 'integer', nullable: true, description: 'Of that taken for the readings'), new OA\Property(property: 'clock', type: 'string', nullable: true),
    new OA\Property(property: 'sensors', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'sensor', type: 'string', nullable: true),
    new OA\Property(property: 'notes', type: 'array', description: 'What was odd', items: new OA\Items(type: 'object', required: ['line', 'text'], properties: [new OA\Property(property: 'line', type: 'integer'), new OA\Property(property: 'text', type: 'string')])),
])]
#[OA\Schema(schema: 'LogPlot', allOf: [new OA\Schema(ref: '#/components/schemas/Log'), new OA\Schema(required: ['across', 'up', 'beside', 'readings', 'fitted', 'residuals', 'from_min', 'to_min', 'refused'], properties: [
    new OA\Property(property: 'across', ref: '#/components/schemas/Axis'), new OA\Property(property: 'up', ref: '#/components/schemas/Axis'), new OA\Property(property: 'beside', ref: '#/components/schemas/Axis', description: 'Of what is left over'),
    new OA\Property(property: 'readings', ref: '#/components/schemas/PlotLine'), new OA\Property(property: 'fitted', ref: '#/components/schemas/PlotLine'), new OA\Property(property: 'residuals', ref: '#/components/schemas/PlotLine'),
    new OA\Property(property: 'from_min', type: 'number', nullable: true), new OA\Property(property: 'to_min', type: 'number', nullable: true), new OA\Property(property: 'refused', type: 'string', nullable: true),
], type: 'object')])]
final class LogSchemas
{
}
