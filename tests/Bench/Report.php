<?php

declare(strict_types=1);

namespace Tests\Bench;

/** What was measured in one run: row by row as it comes, and at the end against the run before. */
final class Report
{
    /** @var array<string, float> by row: less is better */
    private array $measured = [];

    /** @param  string  $file  where the last run is kept */
    public function __construct(private readonly string $file) {}

    /** Which machine it is: numbers of two are not to be compared. */
    public static function machine(): string
    {
        preg_match('/^model name\s*:\s*(.+)$/m', (string) @file_get_contents('/proc/cpuinfo'), $model);
        $cores = preg_match_all('/^processor\s*:/m', (string) @file_get_contents('/proc/cpuinfo'));

        return trim(($model[1] ?? php_uname('m')).", {$cores} cores, PHP ".PHP_VERSION);
    }

    /** @param  ?float  $value  what is held against the run before, less is better; null where nothing is */
    public function row(string $what, string $measured, string $wanted, bool $holds, ?float $value = null): void
    {
        printf("%-58s %22s   %-18s %s\n", $what, $measured, $wanted, $holds ? 'holds' : 'DOES NOT HOLD');
        $value === null || $this->measured[$what] = $value;
    }

    /** Each row as so many times what it was, where the same machine measured it; then this run is the one before. */
    public function againstYesterday(): void
    {
        $kept = is_file($this->file) ? json_decode((string) file_get_contents($this->file), true) : null;
        $before = is_array($kept) && ($kept['machine'] ?? '') === self::machine() ? (array) $kept['measured'] : [];
        $ratios = [];
        foreach ($this->measured as $what => $value) {
            $was = $before[$what] ?? null;
            is_numeric($was) && $was > 0 && ($ratios[$what] = $value / $was);
        }
        if ($ratios === []) {
            echo "against yesterday: no run of this machine is kept yet; this one is, in {$this->file}\n";
        } else {
            asort($ratios);
            $middle = array_values($ratios)[intdiv(count($ratios), 2)];
            $this->row(
                "against yesterday ({$kept['at']}), ".count($ratios).' rows, the middle',
                sprintf('%.2f x', $middle),
                'at most 1.15 x',
                $middle <= 1.15,
            );
            foreach (array_slice(array_reverse($ratios), 0, 5) as $what => $ratio) {
                printf("  %-56s %14.2f x\n", $what, $ratio);
            }
        }
        is_dir(dirname($this->file)) || mkdir(dirname($this->file), recursive: true);
        file_put_contents($this->file, json_encode([
            'machine' => self::machine(),
            'at' => date('Y-m-d H:i'),
            'measured' => $this->measured,
        ], JSON_PRETTY_PRINT));
    }
}
