<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use App\Words\Speaker;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;

/** Asks for a name, an address and a new password, each refused with a sentence at its place. */
trait AsksForPerson
{
    /**
     * @param  array<string, mixed>  $besides
     * @return array{name: string, email: string, password: string, firm: string}
     */
    private function person(Request $request, array $besides = []): array
    {
        $request->merge(['email' => User::plain($request->string('email')->value())]);

        /** @var array{name: string, email: string, password: string, firm: string} */
        return $request->validate(
            [
                'name' => 'required|string|max:60',
                'email' => ['required', 'string', 'email', 'max:190', Rule::unique(User::class)],
                ...$this->newPassword(),
                ...$besides,
            ],
            $this->sentences(),
        );
    }

    /** @return array<string, mixed> */
    private function newPassword(): array
    {
        return ['password' => [
            'required',
            'string',
            'max:'.User::LONGEST_PASSWORD,
            Password::min(User::SHORTEST_PASSWORD),
            Rule::notIn($this->common()),
        ]];
    }

    /** @return list<string> what everybody tries first, of those that are long enough */
    private function common(): array
    {
        return file(resource_path('common-passwords.txt'), FILE_IGNORE_NEW_LINES) ?: [];
    }

    /** @return array<string, string> */
    private function sentences(): array
    {
        return [
            'name.*' => Speaker::words('firm.refused.name'),
            'firm.*' => Speaker::words('firm.refused.firm'),
            'email.unique' => Speaker::words('firm.refused.taken'),
            'email.*' => Speaker::words('firm.refused.email'),
            'password.not_in' => Speaker::words('firm.refused.common'),
            'password.*' => Speaker::words('firm.refused.password'),
        ];
    }
}
