<?php

declare(strict_types=1);

namespace App\Firm;

use App\Database\Row;
use App\Models\User;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Where somebody has signed in: each is a session, and nothing beside it lets anybody in again. */
final class Devices
{
    /** What browsers call the thing they run on. */
    private const KINDS = ['iPhone', 'iPad', 'Android', 'Windows', 'Macintosh', 'CrOS', 'Linux'];

    /** @return list<array{key: string, says: string, ip: string, at: Carbon, isHere: bool}> the one seen last first */
    public static function of(User $person, string $here): array
    {
        $devices = [];
        foreach (self::rows($person)->orderByDesc('last_activity')->get() as $session) {
            $row = new Row($session);
            $devices[] = [
                'key' => self::key($row->text('id')),
                'says' => self::called($row->text('user_agent')),
                'ip' => $row->text('ip_address'),
                'at' => Carbon::createFromTimestamp($row->number('last_activity')),
                'isHere' => $row->text('id') === $here,
            ];
        }

        return $devices;
    }

    /** Signs out there. */
    public static function end(User $person, string $key): void
    {
        foreach (self::rows($person)->pluck('id') as $id) {
            self::key(Plain::text($id)) !== $key || self::rows($person)->where('id', $id)->delete();
        }
    }

    /** Signs out everywhere, but for here. */
    public static function endAll(User $person, string $here = ''): void
    {
        self::rows($person)->where('id', '!=', $here)->delete();
    }

    private static function called(string $agent): string
    {
        foreach (self::KINDS as $kind) {
            if (str_contains($agent, $kind)) {
                return $kind;
            }
        }

        return Speaker::words('firm.device');
    }

    /** A session is never named by what opens it. */
    private static function key(string $session): string
    {
        return substr(hash('sha256', $session), 0, 16);
    }

    private static function rows(User $person): Builder
    {
        return DB::connection(config()->string('session.connection'))->table('sessions')->where('user_id', $person->id);
    }
}
