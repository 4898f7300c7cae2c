<?php

declare(strict_types=1);

namespace App\Firm;

use App\Models\User;
use Illuminate\Support\Str;
use stdClass;
use YokeLine\Format\UnreadableFile;

/** Who is in a firm, as it goes out with it and comes in again: without what they sign in by. */
final class Roll
{
    /** @return list<array<string, mixed>> */
    public static function write(): array
    {
        $people = User::query()->where('firm_id', app(Here::class)->firm())->orderBy('id')->get();

        return array_values(
            $people->map(fn (User $person) => [
                'name' => $person->name,
                'email' => $person->email,
                'role' => $person->role->value,
                'left_at' => $person->left_at?->toIso8601ZuluString(),
            ])->all(),
        );
    }

    /**
     * Who is not here yet signs in once the owner has given them a link.
     *
     * @param  array<array-key, mixed>  $rows
     *
     * @throws UnreadableFile where somebody is not told whole
     */
    public static function bringIn(array $rows): void
    {
        foreach ($rows as $i => $row) {
            [$name, $email, $role, $hasLeft] =
                self::read($row) ?? throw UnreadableFile::at("people[{$i}]", 'person-incomplete');
            if (User::query()->where('email', $email)->doesntExist()) {
                (new User([
                    'firm_id' => app(Here::class)->firm(),
                    'name' => $name,
                    'email' => $email,
                    'password' => Str::random(40),
                    'role' => $role,
                ]))
                    ->forceFill(['left_at' => $hasLeft ? now() : null])
                    ->save();
            }
        }
    }

    /** @return ?array{string, string, Role, bool} name, address, what they are, and whether they have left */
    private static function read(mixed $row): ?array
    {
        $text = fn (string $key) => $row instanceof stdClass && is_string($row->{$key} ?? null) ? $row->{$key} : '';
        $email = User::plain($text('email'));
        $role = Role::tryFrom($text('role'));
        $isEmail = mb_strlen($email) <= 190 && filter_var($email, FILTER_VALIDATE_EMAIL) !== false;

        return trim($text('name')) !== '' && $isEmail && $role !== null
            ? [mb_substr(trim($text('name')), 0, 60), $email, $role, $row instanceof stdClass && isset($row->left_at)]
            : null;
    }
}
