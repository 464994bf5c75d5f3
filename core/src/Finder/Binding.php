<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;

/** What one limit keeps out, the others being kept: the nearest where nothing is left, else what would be better. */
final readonly class Binding
{
    /** @param  list<Wish>  $wishes */
    private function __construct(public Limit $limit, public Sentence $text, public array $wishes)
    {
    }

    /**
     * One for each limit that keeps something out.
     *
     * @return list<self>
     */
    public static function all(SearchResult $answer, Limits $limits): array
    {
        return array_values(array_filter(array_map(
            fn (Limit $limit): ?self => $answer->front === [] ? self::nearest($limit, $answer, $limits) : self::better($limit, $answer, $limits),
            $limits->set(),
        )));
    }

    private static function nearest(Limit $limit, SearchResult $answer, Limits $limits): self
    {
        $nearest = $answer->without[$limit->value]->nearest();
        if ($nearest === null) {
            return new self($limit, self::sentences(["limit.{$limit->value}", 'none'], limit: self::asked($limit, $limits)), []);
        }
        $has = self::has($limit, $nearest);
        $text = self::sentences(["limit.{$limit->value}", 'not-with-others', "nearest.{$limit->value}"], limit: self::asked($limit, $limits), has: $has);

        return new self($limit, $text, [new Wish(null, $nearest, self::sentences(["nearest.{$limit->value}"], has: $has))]);
    }

    private static function better(Limit $limit, SearchResult $answer, Limits $limits): ?self
    {
        $wishes = [];
        foreach (Pick::cases() as $pick) {
            $own = $answer->bests->at($pick);
            $other = $answer->without[$limit->value]->at($pick);
            if ($own === null || $other === null || $limits->allow($limit, $other->measures->of($limit)) || ! $pick->isClearlyBetter($other->measures, $own->measures)) {
                continue;
            }
            $wishes[] = new Wish($pick, $other, self::sentences(
                ["better.{$pick->value}", "ruled-out.{$limit->value}"],
                better: $pick->figure($other->measures), own: $pick->figure($own->measures), has: self::has($limit, $other),
            ));
        }

        return $wishes === [] ? null : new self($limit, self::sentences(["limit.{$limit->value}", 'without'], limit: self::asked($limit, $limits)), $wishes);
    }

    /** @return array{Display, float}|string empty where the limit has no figure */
    private static function asked(Limit $limit, Limits $limits): array|string
    {
        return $limit->isCounted() ? $limit->figure($limits->of($limit) ?? 0.0) : '';
    }

    /** @return array{Display, float}|string */
    private static function has(Limit $limit, Found $found): array|string
    {
        return $limit->figure($found->measures->of($limit));
    }

    /**
     * @param  list<string>  $keys  of whole texts, said one after the other
     * @param  array{Display, float}|string  ...$gaps
     */
    private static function sentences(array $keys, array|string ...$gaps): Sentence
    {
        return Sentence::of(implode(' ', array_map(Texts::of('limits')->text(...), $keys)), ...$gaps);
    }
}
