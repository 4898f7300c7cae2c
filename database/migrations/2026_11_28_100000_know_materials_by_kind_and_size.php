<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What prices and orders were kept under were words as one's units had them; from here on it is a kind and exact sizes
 * in millimetres.
 */
return new class extends Migration
{
    private const WORDS = [
        'paint or wax' => 'paint',
        'masking tape' => 'masking-tape',
        'metal blade' => 'metal-blade',
        'washer 40 x 3' => 'washer 40x3',
        'plug and screw 5 x 40' => 'floor-plug 5x40',
        'screw 5 x 40' => 'floor-screw 5x40',
    ];

    /** @var array<string, string> by what it was: places stand as $1 */
    private const PATTERNS = [
        '/^end caps (.+)$/' => 'end-caps $1',
        '/^grooving bit ([\d.]+)$/' => 'grooving-bit $1',
        '/^wood screw ([\d.]+) × ([\d.]+)$/u' => 'wood-screw $1x$2',
        '/^lag bolt ([\d.]+) × ([\d.]+)$/u' => 'lag-bolt $1x$2',
        '/^bracket lag bolt ([\d.]+) × ([\d.]+)$/u' => 'bracket-bolt $1x$2',
        '/^board ([\d.]+) × ([\d.]+) ([\d.]+)$/u' => 'board $1x$2x$3',
        '/^((?!kit |pull |spacer |bit )\D.*) ([\d.]+) × ([\d.]+)$/u' => 'anchor $1 $2x$3',
    ];

    public function up(): void
    {
        $taken = DB::table('prices')->pluck('id', 'key')->all();
        foreach ($taken as $key => $id) {
            $new = $this->known((string) $key);
            if ($new !== $key && ! isset($taken[$new])) {
                DB::table('prices')
                    ->where('id', $id)
                    ->update(['key' => mb_substr($new, 0, 120)]);
            }
        }
        foreach (['orders', 'supplier_books'] as $table) {
            foreach (DB::table($table)->get(['id', 'lines']) as $row) {
                $lines = [];
                foreach ((array) json_decode((string) $row->lines, true) as $key => $count) {
                    $new = $this->known((string) $key);
                    $lines[$new] = ($lines[$new] ?? 0) + $count;
                }
                DB::table($table)
                    ->where('id', $row->id)
                    ->update(['lines' => json_encode($lines)]);
            }
        }
        foreach (DB::table('receipts')->get(['id', 'key']) as $row) {
            DB::table('receipts')
                ->where('id', $row->id)
                ->update(['key' => mb_substr($this->known((string) $row->key), 0, 120)]);
        }
    }

    private function known(string $key): string
    {
        // Boards were called as the screen had them: in inches, or with a narrow space in the thousands.
        $key = strtr($key, ["\u{202f}" => '', "\u{a0}" => '']);
        if (
            preg_match('/^board (.+) × (.+) ([\d.]+)$/u', $key, $at) === 1 &&
            (str_contains($key, '/') || (float) $at[1] < 20)
        ) {
            return "board {$this->fromInches($at[1])}x{$this->fromInches($at[2])}x{$at[3]}";
        }
        if (preg_match('/^leaf ([\d.]+x[\d.]+)$/', $key, $at) === 1) {
            return "leaf {$this->built()['of']}{$at[1]}{$this->built()['thick']}";
        }
        foreach (self::PATTERNS as $was => $is) {
            if (preg_match($was, $key) === 1) {
                return (string) preg_replace($was, $is, $key);
            }
        }

        return self::WORDS[$key] ?? $key;
    }

    private function fromInches(string $said): string
    {
        $inches = 0.0;
        foreach (explode(' ', trim($said)) as $part) {
            [$top, $low] = [...explode('/', $part), 1];
            $inches += (float) $top / max(1.0, (float) $low);
        }

        return rtrim(rtrim(number_format($inches * 25.4, 4, '.', ''), '0'), '.');
    }

    /**
     * @return array{of: string, thick: string} of what and how thick leaves are here, where all are alike: the old name
     * did not tell
     */
    private function built(): array
    {
        $found = [];
        foreach (
            DB::table('doorways')->join('revisions', 'revisions.id', '=', 'doorways.revision_id')->pluck('document') as $json
        ) {
            $leaf = json_decode((string) $json, true)['brief']['leaf'] ?? [];
            $thick = $leaf['thickness'] ?? null;
            $found[json_encode([$thick, $leaf['construction']['kind'] ?? ''])] = [
                is_numeric($thick) ? "x{$thick}" : '',
                trim(mb_strtolower($leaf['construction']['kind'] ?? '').' '),
            ];
        }
        [$thick, $of] = count($found) === 1 ? array_values($found)[0] : ['', ''];

        return ['of' => $of === '' ? '' : "{$of} ", 'thick' => $thick];
    }
};
