<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

/** What a guide says otherwise than one that somebody works by. */
final readonly class GuideChange
{
    /**
     * @param  list<string>  $added  what is to be done that was not
     * @param  list<string>  $dropped  what is no longer to be done
     * @param  list<string>  $changed  what is to be done otherwise, as it is now
     */
    private function __construct(public array $added, public array $dropped, public array $changed)
    {
    }

    /**
     * @param  list<array{id: string, action: string, parts: list<string>}>  $old  as it was begun
     * @param  list<array{id: string, action: string, parts: list<string>}>  $new
     */
    public static function between(array $old, array $new): self
    {
        [$before, $now] = [array_column($old, null, 'id'), array_column($new, null, 'id')];
        $changed = array_filter($now, fn (array $step): bool => isset($before[$step['id']]) && [$before[$step['id']]['action'], $before[$step['id']]['parts']] !== [$step['action'], $step['parts']]);

        return new self(
            array_values(array_map(self::tell(...), array_diff_key($now, $before))),
            array_values(array_map(fn (array $step): string => $step['action'], array_diff_key($before, $now))),
            array_values(array_map(self::tell(...), $changed)),
        );
    }

    /** @param  array{id: string, action: string, parts: list<string>}  $step */
    private static function tell(array $step): string
    {
        return $step['parts'] === [] ? $step['action'] : "{$step['action']} (".implode(', ', $step['parts']).')';
    }

    public function isNothing(): bool
    {
        return $this->added === [] && $this->dropped === [] && $this->changed === [];
    }

    /**
     * A step as it is compared: what is said of it, with its parts.
     *
     * @return array{id: string, action: string, parts: list<string>}
     */
    public static function told(GuideStep $step): array
    {
        return ['id' => $step->id(), 'action' => $step->step->action, 'parts' => array_map(fn (GuidePart $part): string => $part->told(), $step->parts)];
    }
}
