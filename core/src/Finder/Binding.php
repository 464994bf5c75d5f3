<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;

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
            return new self($limit, self::sentences([LimitTexts::limit($limit), LimitTexts::NONE], self::asked($limit, $limits)), []);
        }
        $text = self::sentences([LimitTexts::limit($limit), LimitTexts::NOT_WITH_OTHERS, LimitTexts::nearest($limit)], [...self::asked($limit, $limits), self::has($limit, $nearest)]);

        return new self($limit, $text, [new Wish(null, $nearest, self::sentences([LimitTexts::nearest($limit)], [self::has($limit, $nearest)]))]);
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
                [LimitTexts::better($pick), LimitTexts::ruledOut($limit)],
                [$pick->figure($other->measures), $pick->figure($own->measures), self::has($limit, $other)],
            ));
        }

        return $wishes === [] ? null : new self($limit, self::sentences([LimitTexts::limit($limit), LimitTexts::WITHOUT], self::asked($limit, $limits)), $wishes);
    }

    /** @return list<array{Display, float}|string> */
    private static function asked(Limit $limit, Limits $limits): array
    {
        return $limit->isCounted() ? [$limit->figure($limits->of($limit) ?? 0.0)] : [];
    }

    /** @return array{Display, float}|string */
    private static function has(Limit $limit, Found $found): array|string
    {
        return $limit->figure($found->measures->of($limit));
    }

    /**
     * @param  list<string>  $texts  whole ones
     * @param  list<array{Display, float}|string>  $figures  one for each gap
     */
    private static function sentences(array $texts, array $figures): Sentence
    {
        return Sentence::of(implode(' ', $texts), ...$figures);
    }
}
