<?php

declare(strict_types=1);

namespace Jornel\Core\Caution;

/** What can go wrong, what to do about it, and when it applies. */
final readonly class Caution
{
    /**
     * @param  string  $title  in a few words
     * @param  string  $text  what happens and what to do
     * @param  list<string>  $all  facts that must all hold
     * @param  list<string>  $any  facts of which one must hold, if there are any
     * @param  list<string>  $none  facts of which none may hold
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $text,
        private array $all,
        private array $any,
        private array $none = [],
    ) {
    }

    public function applies(Facts $facts): bool
    {
        foreach ($this->all as $fact) {
            if (! $facts->hold($fact)) {
                return false;
            }
        }
        foreach ($this->none as $fact) {
            if ($facts->hold($fact)) {
                return false;
            }
        }
        foreach ($this->any as $fact) {
            if ($facts->hold($fact)) {
                return true;
            }
        }

        return $this->any === [];
    }
}
