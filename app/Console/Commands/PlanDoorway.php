<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\DoorwayFile;
use App\Shelf;
use App\Words\FieldWords;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;
use YokeLine\Format\PlanWriter;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Setout;

final class PlanDoorway extends Command
{
    private const CANNOT_READ = 2;

    protected $signature = 'yoke:plan
        {file : a doorway file}
        {--kits= : a shelf of kits to plan from}
        {--json : the plan as the open format has it}';

    protected $description = 'Plans the doorway of a file';

    public function handle(Shelf $shelf): int
    {
        try {
            $kits = $this->option('kits');
            $shelf = is_string($kits) ? new Shelf($this->existing($kits)) : $shelf;
            $setout = Setout::of(
                DoorwayFile::read((string) file_get_contents($this->existing($this->argument('file')))),
                $shelf->kits(),
            );
        } catch (UnreadableFile $problem) {
            return $this->refuse(implode("\n", Refusals::placed($problem)));
        }
        if ($setout->plan === null) {
            return $this->refuse(
                implode(
                    "\n",
                    array_map(
                        fn (Finding $finding) => "{$finding->where}: {$this->says($finding, $setout)}",
                        $setout->findings,
                    ),
                ),
            );
        }
        $this->option('json')
            ? $this->line(
                (string) json_encode(
                    [
                        ...PlanWriter::write($setout->plan, $setout->findings, Speaker::in($setout->write)->say(...)),
                        'assumed' => $setout->assumed(),
                    ],
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
                ),
            )
            : $this->tell($setout);

        return self::SUCCESS;
    }

    private function tell(Setout $setout): void
    {
        $speak = Speaker::in($setout->write);
        $this->line("{$setout->doorway->name}: {$speak->say($setout->verdict()->says())}");
        $this->table(
            ['', $setout->doorway->units->value],
            array_map(
                fn ($sum) => [ucfirst($speak->say($sum->says())), $setout->write->show($sum->total)],
                array_values($setout->plan?->sums() ?? []),
            ),
        );
        foreach ($setout->assumed() as $place) {
            $this->line('assumed  '.FieldWords::label($place));
        }
        foreach ($setout->findings as $finding) {
            $this->line("{$finding->severity->value}  {$finding->code->value}: {$this->says($finding, $setout)}");
            foreach ($finding->cures as $cure) {
                $effect = $cure->effect === [] ? '' : " ({$speak->list($cure->effects())})";
                $this->line("        cure: {$speak->say($cure->says())}{$effect}");
            }
        }
    }

    private function says(Finding $finding, Setout $setout): string
    {
        $speak = Speaker::in($setout->write);

        return trim("{$speak->sentence($finding->says())} {$speak->say($finding->more())}");
    }

    private function existing(mixed $path): string
    {
        return is_string($path) && is_file($path) && is_readable($path)
            ? $path
            : throw UnreadableFile::notFound(is_string($path) ? $path : '');
    }

    private function refuse(string $says): int
    {
        $this->output->getErrorStyle()->writeln($says, OutputInterface::OUTPUT_RAW);

        return self::CANNOT_READ;
    }
}
