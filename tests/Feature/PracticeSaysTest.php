<?php

declare(strict_types=1);

use App\Models\PracticeRound;
use App\Practice\WallPage;
use Tests\Core\Support\Approved;
use Tests\PageSays;
use YokeLine\Practice\Ask;
use YokeLine\Practice\RightAnswers;

/* What a learner is told, from a wall that nobody measured to what came of it, as it was approved. */

beforeEach(function () {
    // How long ago a wall was done is told to the second.
    $this->freezeSecond();
    $this->withSession(['browser' => 'learner-1']);
});

function learning(string $level): PracticeRound
{
    test()->post('/practice', ['level' => $level, 'seed' => 7])->assertRedirect();

    return PracticeRound::query()->latest('id')->firstOrFail();
}

/** @return list<string> without what it is sealed with */
function saysAt(string $path): array
{
    $says = PageSays::of((string) test()->get($path)->assertOk()->getContent());

    return array_values(array_filter($says, fn (string $line) => mb_strlen($line) < 400));
}

foreach (['flat', 'cable', 'bypass', 'inches'] as $level) {
    test("a wall of {$level} is shown as it was approved, before it is measured and after", function () use ($level) {
        $round = learning($level);
        $says = ['before' => saysAt("/practice/walls/{$round->id}")];
        $places = array_keys(WallPage::wallOf($round)->readings());
        $this->post("/practice/walls/{$round->id}/measure", ['places' => array_slice($places, 0, 3)]);
        $says['begun'] = saysAt("/practice/walls/{$round->id}");
        $this->post("/practice/walls/{$round->id}/measure", ['places' => [...$places, WallPage::SWEEP]]);
        $says['measured'] = saysAt("/practice/walls/{$round->id}");

        Approved::holds("Pages/practice/{$level}, measured", $says);
    });

    test("answers at a wall of {$level} come to what was approved", function (
        string $how,
        callable $changed,
    ) use ($level) {
        $round = learning($level);
        $places = array_keys(WallPage::wallOf($round)->readings());
        $right = RightAnswers::to(WallPage::wallOf($round));
        $this->post("/practice/walls/{$round->id}", [
            'places' => $how === 'half' ? array_slice($places, 0, 4) : [...$places, WallPage::SWEEP],
            ...$changed($right),
        ]);

        Approved::holds("Pages/practice/{$level}, {$how}", [
            'came of it' => saysAt("/practice/walls/{$round->id}"),
            'record' => saysAt("/practice/walls/{$round->id}/record"),
            ...$how === 'wrong' ? ['practice' => saysAt('/practice')] : [],
        ]);
    })->with([
        'all right' => ['right', fn (array $right) => $right],
        'half of it' => ['half', fn (array $right) => array_slice($right, 0, intdiv(count($right), 2))],
        'wrong' => ['wrong', fn (array $right) => [
            ...array_map(fn (mixed $one) => is_string($one) && is_numeric($one) ? (string) ($one + 19) : $one, $right),
            Ask::Studs->value => array_slice((array) ($right[Ask::Studs->value] ?? []), 1),
            Ask::Load->value => '7',
        ]],
    ]);
}

test('who reads Spanish is told the same in Spanish', function () {
    $round = learning('floor');
    $this->post('/editor', ['language' => 'es', 'units' => 'mm', 'own' => 'mm', 'at' => 'everything']);
    $right = RightAnswers::to(WallPage::wallOf($round));
    $this->post("/practice/walls/{$round->id}", ['places' => [], ...$right, Ask::YokeLine->value => '1']);

    Approved::holds('Pages/practice/floor in Spanish', saysAt("/practice/walls/{$round->id}"));
});
