<?php

declare(strict_types=1);

namespace YokeLine\Format;

use RuntimeException;
use YokeLine\Measure\Message;

/**
 * A file or document that cannot be read: every place that is wrong, and what is to be said of it.
 *
 * @phpstan-import-type Value from Message
 */
final class UnreadableFile extends RuntimeException
{
    /** @param  array<string, Message>  $problems place => what is wrong there */
    public function __construct(public readonly array $problems)
    {
        $lines = array_map(
            fn (string $place, Message $why) => trim("{$place} {$why->how}").
                ' '.
                json_encode($why->with, JSON_UNESCAPED_UNICODE),
            array_keys($problems),
            $problems,
        );

        parent::__construct(implode("\n", $lines));
    }

    /** @param  array<string, Value>  $with */
    public static function at(string $place, string $how, array $with = []): self
    {
        return new self([$place => new Message('refusals', $with, $how)]);
    }

    public static function notJson(): self
    {
        return self::at('', 'not-json');
    }

    public static function notAnObject(): self
    {
        return self::at('', 'no-object');
    }

    public static function notFound(string $path): self
    {
        return self::at('', 'no-file', ['path' => $path]);
    }

    public static function wrongFormat(string $wanted, mixed $found): self
    {
        return self::at('format', 'other-format', ['wanted' => $wanted, 'found' => (string) json_encode($found)]);
    }

    public static function unknownVersion(mixed $found): self
    {
        return self::at('version', 'other-version', ['found' => (string) json_encode($found)]);
    }

    /** The same, as places of what lies within a file. */
    public function within(string $file): self
    {
        $problems = [];
        foreach ($this->problems as $place => $why) {
            $problems[trim("{$file} {$place}")] = $why;
        }

        return new self($problems);
    }
}
