<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Layer;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Scene\Scene;

/** What is chosen for a unit: a shape and the parts that go into it. */
final class Design
{
    private ?Assembly $assembly = null;

    /** @var array<string, array<string, string>> usual choices by shape and option, each gathered once */
    private static array $usual = [];

    /**
     * @param  Filter|null  $prefilter  a coarser one in front of each filter, where the air meets it first
     * @param  Direction|null  $direction  null for the shape's usual one
     * @param  array<string, string>  $options  of the shape, by id; what is not chosen is as usual
     * @param  float  $otherOpenings  m2: cord slot, knob door, pierced media
     * @param  float  $load  dust in every filter, as a share of its capacity for that dust
     * @param  WindowOpening|null  $window  that it is set in, of those shapes that are; null for an ordinary one
     * @param  string|null  $speed  name of the speed at which it will run, for which a small fan needs a supply of its own; null for the top speed
     */
    public function __construct(
        public readonly Shape $shape,
        public readonly Fan $fan,
        public readonly Filter $filter,
        public readonly Joining $joining,
        public readonly Corners $corners,
        public readonly ?Filter $prefilter = null,
        private readonly ?Direction $direction = null,
        public readonly array $options = [],
        public readonly float $otherOpenings = 0.0,
        public readonly float $load = 0.0,
        public readonly ?WindowOpening $window = null,
        public readonly ?string $speed = null,
    ) {
    }

    public function direction(): Direction
    {
        return $this->direction ?? $this->shape->usualDirection();
    }

    /** The choice made for one of the shape's options, or the usual one. */
    public function option(string $id): string
    {
        if (isset($this->options[$id])) {
            return $this->options[$id];
        }
        self::$usual[$this->shape->id()] ??= array_column($this->shape->options(), 'usual', 'id');

        return self::$usual[$this->shape->id()][$id] ?? '';
    }

    public function number(string $option): int
    {
        return (int) $this->option($option);
    }

    /** `Cube of four · Box fan · 20 × 20 × 2, grade 13`: shape, fan and filter. */
    public function title(): string
    {
        return "{$this->shape->name()} · {$this->fan->name} · {$this->filter->name}";
    }

    /** What it would be made of, said after its shape. */
    public function partsTold(): string
    {
        return "with {$this->fan->name} and {$this->filter->name}";
    }

    /** Whether a sheet lies over its fan's outlet. */
    public function hasShroud(): bool
    {
        return $this->corners === Corners::Shroud;
    }

    /** With other parts or another shape; options that another shape does not have are dropped. */
    public function with(?Shape $shape = null, ?Fan $fan = null, ?Filter $filter = null): self
    {
        $shape ??= $this->shape;
        $known = array_flip(array_map(fn (ShapeOption $option): string => $option->id, $shape->options()));
        $same = $shape->id() === $this->shape->id();

        return $this->changed([
            'shape' => $shape, 'fan' => $fan ?? $this->fan, 'filter' => $filter ?? $this->filter,
            'prefilter' => $same ? $this->prefilter : null, 'direction' => $same ? $this->direction : null,
            'options' => array_intersect_key($this->options, $known),
        ]);
    }

    /** Made another way: with other corners, another joining. */
    public function made(Corners $corners, Joining $joining): self
    {
        return $this->changed(['corners' => $corners, 'joining' => $joining]);
    }

    /** With its fan this way round. */
    public function blowing(Direction $direction): self
    {
        return $this->changed(['direction' => $direction]);
    }

    public function withPrefilter(?Filter $prefilter): self
    {
        return $this->changed(['prefilter' => $prefilter]);
    }

    /** With another choice of one of its shape's options. */
    public function choosing(string $option, string $choice): self
    {
        return $this->changed(['options' => array_replace($this->options, [$option => $choice])]);
    }

    /** Set in the window of a room; null for an ordinary one. */
    public function inWindow(?WindowOpening $window): self
    {
        return $this->changed(['window' => $window]);
    }

    /** Run at a speed of that name; null for the top speed. */
    public function running(?string $speed): self
    {
        return $speed === $this->speed ? $this : $this->changed(['speed' => $speed]);
    }

    /** The same with so much dust in every filter, as a share of its capacity. */
    public function loaded(float $share): self
    {
        return $this->changed(['load' => $share]);
    }

    /** @param  array<string, mixed>  $other  in place of its own, by name of the argument */
    private function changed(array $other): self
    {
        // @phpstan-ignore argument.type
        return new self(...$other + [
            'shape' => $this->shape, 'fan' => $this->fan, 'filter' => $this->filter, 'joining' => $this->joining, 'corners' => $this->corners,
            'prefilter' => $this->prefilter, 'direction' => $this->direction, 'options' => $this->options,
            'otherOpenings' => $this->otherOpenings, 'load' => $this->load, 'window' => $this->window, 'speed' => $this->speed,
        ]);
    }

    /**
     * Depth of the filters one behind the other.
     *
     * @return float m
     */
    public function stackDepth(): float
    {
        return $this->filter->depth + ($this->prefilter->depth ?? 0.0);
    }

    /**
     * Media that the air passes at a face of which so much of the filter is open.
     *
     * @param  float  $netArea  m2
     * @return non-empty-list<Layer>
     */
    public function layers(float $netArea): array
    {
        $layers = [Layer::of($this->filter, $netArea)->loaded($this->load)];
        if ($this->prefilter !== null) {
            array_unshift($layers, Layer::of($this->prefilter, $this->prefilter->netArea())->loaded($this->load));
        }

        return $layers;
    }

    /**
     * A pre-filter must be as large as the filter it stands in front of.
     *
     * @throws DoesNotFit
     */
    public function prefilterMustMatch(): void
    {
        if ($this->prefilter !== null && ! $this->prefilter->matches($this->filter)) {
            throw DoesNotFit::prefilter($this->prefilter, $this->filter);
        }
    }

    /**
     * Every speed of all its fans together, slowest first.
     *
     * @return non-empty-list<FanSpeed>
     */
    public function speeds(): array
    {
        $count = $this->shape->fanCount($this);

        return $count === 1 ? $this->fan->speeds : array_map(fn (FanSpeed $speed): FanSpeed => $speed->times($count), $this->fan->speeds);
    }

    /**
     * Worked out once.
     *
     * @throws DoesNotFit when the parts cannot make this shape
     */
    public function assemble(): Assembly
    {
        return $this->assembly ??= $this->assembled();
    }

    private function assembled(): Assembly
    {
        $this->prefilterMustMatch();
        $assembly = $this->shape->assemble($this);
        FanRules::check($this);
        $assembly->holesMustKeepTheirDistance();
        $footing = Footing::of($this);
        if ($footing !== null) {
            $assembly = $footing->under($assembly, $this->shape->size($this));
        }

        return $this->otherOpenings > 0.0 ? $assembly->withOpening(new Opening(LeakKind::Other, 'Other openings', $this->otherOpenings)) : $assembly;
    }

    /**
     * The solids with their labels, and the way the air goes.
     *
     * @throws DoesNotFit
     */
    public function scene(): Scene
    {
        $scene = $this->solids();

        return $this->direction() === Direction::Push ? $scene->reversed() : $scene;
    }

    /**
     * The same as it stands when it pulls, with what is put under it.
     *
     * @throws DoesNotFit
     */
    public function solids(): Scene
    {
        $scene = $this->shape->scene($this);

        return Footing::of($this)?->scene($scene) ?? $scene;
    }

    /** What keeps it upright. */
    public function stand(): Stand
    {
        return $this->shape->stand($this);
    }

    /** The least certain of the figures that the result rests on. */
    public function provenance(): Provenance
    {
        return $this->fan->provenance->weaker($this->filter->provenance)->weaker($this->joining->provenance);
    }
}
