<?php

namespace App\Http\Part;

use App\Http\Shared\Shown;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Pack;
use Jornel\Core\Part\PartFacts;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Shape;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Option', description: 'Something to choose from')]
final readonly class OptionData
{
    /** @param  list<Shown>  $facts */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $group,
        #[OA\Property(items: new OA\Items(ref: Shown::class))] public array $facts,
        #[OA\Property(nullable: true, description: 'Of one piece, in the smallest pack')] public ?string $price,
        #[OA\Property(nullable: true, enum: ['measured', 'rated', 'typical', 'assumed'])] public ?string $provenance,
        #[OA\Property(nullable: true, description: 'Its name within a sentence, where it is said in one')] public ?string $within = null,
    ) {
    }

    public static function fan(Fan $fan): self
    {
        return self::part($fan->id, $fan->name, $fan->family->label(), $fan->packs, $fan->provenance, PartFacts::ofFan($fan));
    }

    public static function filter(Filter $filter): self
    {
        return self::part($filter->id, $filter->name, $filter->grade->name, $filter->packs, $filter->provenance, PartFacts::ofFilter($filter));
    }

    public static function joining(Joining $joining): self
    {
        return new self($joining->id, $joining->name, 'Joining', array_map(Shown::sentence(...), PartFacts::ofJoining($joining)), null, $joining->provenance->value);
    }

    public static function shape(Shape $shape): self
    {
        return new self($shape->id(), $shape->name(), 'Shape', [Shown::sentence(Sentence::plain($shape->description()))], null, null);
    }

    /** A shape by what closes it below. */
    public static function base(Shape $shape): self
    {
        return new self($shape->id(), $shape->base() ?? '', 'Base', [Shown::sentence(Sentence::plain($shape->description()))], null, null);
    }

    public static function corners(Corners $corners): self
    {
        return new self($corners->value, $corners->label(), 'Corners', [], null, null);
    }

    /** @param  string|null  $within  its name within a sentence, where it is said in one */
    public static function plain(string $id, string $name, ?string $within = null): self
    {
        return new self($id, $name, '', [], null, null, $within);
    }

    /**
     * @param  list<Pack>  $packs
     * @param  list<Sentence>  $facts
     */
    private static function part(string $id, string $name, string $group, array $packs, Provenance $provenance, array $facts): self
    {
        return new self($id, $name, $group, array_map(fn (Sentence $fact): Shown => Shown::sentence($fact), $facts), $packs === [] ? null : (string) $packs[0]->price, $provenance->value);
    }
}
