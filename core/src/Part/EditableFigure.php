<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** A figure of a part that a person may replace by one of their own. */
final readonly class EditableFigure
{
    /**
     * @param  string  $path  where it stands in an entry, without its unit: `body.side`
     * @param  string  $name  in words
     * @param  UnitOfMeasure  $imperial  unit of a number without one, in that measure
     * @param  UnitOfMeasure  $metric  the same in the other
     * @param  UnitOfMeasure|null  $kept  unit that its key spells; null for a key without one
     * @param  float  $least  that is allowed, SI
     * @param  float  $most  that is allowed, SI
     */
    public function __construct(
        public string $path,
        public string $name,
        public Display $display,
        private UnitOfMeasure $imperial,
        private UnitOfMeasure $metric,
        private ?UnitOfMeasure $kept,
        private float $least,
        private float $most,
    ) {
    }

    /**
     * Reads what a person wrote for it.
     *
     * @return float SI
     *
     * @throws \Jornel\Core\Quantity\UnreadableEntry
     */
    private function read(string $text, System $system): float
    {
        return (new Entry("figures.{$this->path}", "A {$this->name}", $this->bare($system), $this->display, $this->least, $this->most, $system))->read($text);
    }

    /**
     * As it stands in an entry of the catalogue's form; null where it has none.
     *
     * @param  array<string, mixed>  $entry
     *
     * @throws BadRecord
     */
    public function of(array $entry): ?Figure
    {
        $record = new Record($entry);
        $steps = explode('.', $this->path);
        $quantity = array_pop($steps);
        foreach ($steps as $step) {
            $below = $record->data()[$step] ?? null;
            if (! is_array($below) || array_is_list($below)) {
                return null;
            }
            $record = $record->child($step);
        }

        return $record->optional($quantity);
    }

    /**
     * An entry that holds nothing but this figure.
     *
     * @param  string  $text  as a person wrote it, which is kept beside it
     * @param  array{by?: string, at?: string}  $signed  who measured it, and on which day
     * @return array<string, mixed>
     *
     * @throws \Jornel\Core\Quantity\UnreadableEntry
     */
    public function entry(string $text, Provenance $from, System $system, array $signed = []): array
    {
        $si = $this->read($text, $system);
        $steps = explode('.', $this->path);
        $key = array_pop($steps).($this->kept === null ? '' : "_{$this->kept->value}");
        $entry = [$key => ['value' => $this->kept?->fromSi($si) ?? $si, 'from' => $from->value, 'entry' => Entry::withUnit($text, $this->bare($system))] + $signed];

        return self::below($entry, $steps);
    }

    /**
     * What an entry holds of it and nothing else, whichever unit its key spells.
     *
     * @param  array<string, mixed>  $entry
     * @return array<string, mixed>
     */
    public function alone(array $entry): array
    {
        $steps = explode('.', $this->path);
        $quantity = array_pop($steps);
        foreach ($steps as $step) {
            $entry = is_array($entry[$step] ?? null) ? $entry[$step] : [];
        }

        /** @var array<string, mixed> $entry */
        return self::below(array_filter($entry, fn (string $key): bool => Overlay::quantity($key) === $quantity, ARRAY_FILTER_USE_KEY), $steps);
    }

    /**
     * The same as a number in metres, or what else its key spells.
     *
     * @param  float  $si  m
     * @return array<string, mixed>
     */
    public function holding(float $si): array
    {
        $steps = explode('.', $this->path);
        $key = array_pop($steps).($this->kept === null ? '' : "_{$this->kept->value}");

        return self::below([$key => $this->kept?->fromSi($si) ?? $si], $steps);
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  list<string>  $steps
     * @return array<string, mixed>
     */
    private static function below(array $entry, array $steps): array
    {
        foreach (array_reverse($steps) as $step) {
            $entry = [$step => $entry];
        }

        return $entry;
    }

    private function bare(System $system): UnitOfMeasure
    {
        return $system === System::Imperial ? $this->imperial : $this->metric;
    }
}
