<?php

namespace App\OpenApi;

use OpenApi\Annotations\OpenApi;
use OpenApi\Generator;
use OpenApi\Util;
use RuntimeException;

/** The OpenAPI description of the HTTP interface. */
final class Description
{
    public function json(): string
    {
        return json_encode($this->data(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $openApi = (new Generator)->generate(Util::finder([app_path('Http')]));
        if (! $openApi instanceof OpenApi) {
            throw new RuntimeException('The attributes on the controllers describe nothing.');
        }
        /** @var array{components: array{schemas: array<string, array<string, mixed>>}} $data */
        $data = json_decode($openApi->toJson(), true, 128, JSON_THROW_ON_ERROR);
        foreach ($data['components']['schemas'] as $name => $schema) {
            // An answer always carries all of its keys; what a question must carry is said with it.
            if (! str_ends_with($name, 'Request') && is_array($schema['properties'] ?? null)) {
                $data['components']['schemas'][$name]['required'] = array_keys($schema['properties']);
                $data['components']['schemas'][$name]['additionalProperties'] = false;
            }
        }

        return $data;
    }
}
