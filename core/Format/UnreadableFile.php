<?php

declare(strict_types=1);

namespace YokeLine\Format;

use RuntimeException;

/** A file or document that cannot be read: every place that is wrong, with a sentence each. */
final class UnreadableFile extends RuntimeException
{
    /** @param  array<string, string>  $problems place => what is wrong there */
    public function __construct(public readonly array $problems)
    {
        $lines = array_map(
            fn (string $place, string $says) => $place === '' ? $says : "{$place}: {$says}",
            array_keys($problems),
            $problems,
        );

        parent::__construct(implode("\n", $lines));
    }

    public static function notJson(string $why): self
    {
        return new self(['' => "This is not a JSON file ({$why})."]);
    }

    public static function notAnObject(): self
    {
        return new self(['' => 'The file must hold one JSON object, { … }.']);
    }

    public static function notFound(string $path): self
    {
        return new self(['' => "There is no readable file at {$path}."]);
    }

    public static function wrongFormat(string $wanted, mixed $found): self
    {
        return new self(['format' => 'This is not a '.$wanted.' file; it says '.json_encode($found).'.']);
    }

    public static function unknownVersion(mixed $found): self
    {
        return new self([
            'version' => 'This program reads versions 1 and 2; the file is of version '.
                json_encode($found).
                ' and would need a newer program.',
        ]);
    }

    /** What is said of a list that is too long. */
    public static function tooMany(int $most, int $found): string
    {
        return "Up to {$most} are taken here, not {$found}; leave out what is far from the doorway.";
    }
}
