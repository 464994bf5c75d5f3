<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

use LogicException;

/** What is said of one thing: whole sentences by key, which stand together in a file under `core/texts`. */
final readonly class Texts
{
    private const LANGUAGE = 'en';

    /** @param  array<string, string>  $texts  by key, with gaps named in braces */
    private function __construct(private string $thing, private array $texts)
    {
    }

    /** @param  string  $thing  name of the file */
    public static function of(string $thing): self
    {
        /** @var array<string, self> $read */
        static $read = [];

        return $read[$thing] ??= new self($thing, self::read($thing));
    }

    /**
     * @param  array{Display, float}|string|int  ...$gaps  by name
     *
     * @throws LogicException for a key that is not there, or a gap that is given nothing
     */
    public function say(string $key, array|string|int ...$gaps): Sentence
    {
        return Sentence::of($this->text($key), ...$gaps);
    }

    /** The same where no measure is needed, put together at once. */
    public function tell(string $key, string|int ...$gaps): string
    {
        return $this->say($key, ...$gaps)->text(System::Metric);
    }

    public function text(string $key): string
    {
        return $this->texts[$key] ?? throw new LogicException("core/texts has no “{$key}” of “{$this->thing}”.");
    }

    /** A name as it stands at the head of a line. */
    public static function title(string $name): string
    {
        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /** A name as it stands within a sentence. */
    public static function within(string $name): string
    {
        return mb_strtolower(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /** @return array<string, string> */
    private static function read(string $thing): array
    {
        /** @var array<string, string> $texts */
        $texts = require dirname(__DIR__, 2).'/texts/'.self::LANGUAGE."/{$thing}.php";

        return $texts;
    }
}
