<?php

declare(strict_types=1);

/* Makes changes of a doorway, one after the other, and says of each that it is kept once it is. */

use App\Editing\Change;
use App\Http\Editor;
use App\Models\Doorway;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$doorway = Doorway::query()->oldest('id')->firstOrFail();
for ($n = 1; $n <= (int) $argv[1]; $n++) {
    $gap = sprintf('%.3f', 10 + $n / 1000);
    (new Change(['brief.rules.gap' => $gap], 'gap', Editor::named('Ana', 'a')))->applyTo(
        $doorway,
        (int) $doorway->revision_id,
    );
    fwrite(STDOUT, 'kept '.$doorway->refresh()->revision->document->get('brief.rules.gap')."\n");
}
