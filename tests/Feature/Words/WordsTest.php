<?php

declare(strict_types=1);

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Row;
use App\Bench\Station;
use App\Fitting\SizeCardForm;
use App\Kits\KitForm;
use App\Marking\MarkingForm;
use App\Marking\SureForm;
use App\Models\Doorway;
use App\Models\ShelfKit;
use App\Words\ClearanceWords;
use App\Words\FieldWords;
use App\Words\Speaker;
use App\Words\StepWords;
use App\Words\StoredMessage;
use Illuminate\Support\Facades\Lang;
use Tests\Core\Support\Doorways;
use Tests\Demo;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Doorway\Opens;
use YokeLine\Drawing\LeafCard;
use YokeLine\Drawing\PullTape;
use YokeLine\Drawing\Shape;
use YokeLine\Format\Document;
use YokeLine\Format\MarksWriter;
use YokeLine\Holding\Alternative;
use YokeLine\Holding\Alternatives;
use YokeLine\Holding\Schedule;
use YokeLine\Holding\Wood;
use YokeLine\Inspection\Cautions;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\Problems;
use YokeLine\Recovery\Question;
use YokeLine\Recovery\WayOut;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;
use YokeLine\Work\After;
use YokeLine\Work\AtHand;
use YokeLine\Work\BoxCheck;
use YokeLine\Work\Order;
use YokeLine\Work\RunCheck;
use YokeLine\Work\SiteMeasurement;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/**
 * All that a book of words says, by the way to it.
 *
 * @param  array<array-key, mixed>  $words
 * @return array<string, string>
 */
function saidIn(array $words, string $at = ''): array
{
    $said = [];
    foreach ($words as $key => $one) {
        $said += is_array($one) ? saidIn($one, "{$at}{$key} › ") : ["{$at}{$key}" => (string) $one];
    }

    return $said;
}

/** @return list<string> */
function placeholdersIn(string $sentence): array
{
    preg_match_all('/:[a-z_]+/i', $sentence, $found);
    $names = array_unique(array_map(strtolower(...), $found[0]));
    sort($names);

    return $names;
}

dataset('books', fn () => array_map(
    fn (string $file) => basename($file),
    glob(dirname(__DIR__, 3).'/lang/en/*.php') ?: throw new RuntimeException('There are no books.'),
));

test('both languages say the same things with the same placeholders', function (string $book) {
    [$english, $spanish] = [saidIn(require lang_path("en/{$book}")), saidIn(require lang_path("es/{$book}"))];

    expect(array_keys($spanish))
        ->toBe(array_keys($english))
        ->and(array_map(placeholdersIn(...), $spanish))
        ->toBe(array_map(placeholdersIn(...), $english));
})->with('books');

/**
 * Everything that a book says, said by the speaker itself: with a length for what is rounded, a word for all else.
 *
 * @return array<string, string> by the way to it
 */
function bookSaid(string $book, string $language, int $count): array
{
    app()->setLocale($language);
    $said = [];
    foreach (saidIn(require lang_path("{$language}/{$book}")) as $at => $sentence) {
        $with = str_contains($sentence, '|') ? ['count' => $count] : [];
        preg_match_all('/:([a-z_]+)/i', $sentence, $names);
        foreach (array_map(lcfirst(...), $names[1]) as $name) {
            $bare = (string) preg_replace('/_(up|down|fine|unit|within)$/', '', $name);
            $with[$bare] ??= match (true) {
                $bare === 'count' => $count,
                $bare === $name || str_ends_with($name, '_within') => 'word',
                default => Length::mm(1234),
            };
        }
        $way = [basename($book, '.php'), ...explode(' › ', $at)];
        $how = (string) array_pop($way);
        $said[$at] = trim(Speaker::in(Unit::Millimetre)->say(new Message(implode('.', $way), $with, $how)));
    }

    return $said;
}

test('each sentence of a book is said whole in both languages, of one and of several', function (
    string $book,
    string $language,
) {
    // Of some findings there is no more to say.
    $empty = array_keys(saidIn(require lang_path("{$language}/{$book}")), '', true);
    foreach ([1, 3] as $count) {
        $said = bookSaid($book, $language, $count);

        expect(preg_grep('/(?<![\w.])[:{][a-z_]{2,}|\||(\d|word)_[a-z]/i', $said))->toBe([])
            ->and(array_keys($said, '', true))->toBe($empty);
    }
})->with('books')->with(['en', 'es']);

test('no book of one language is missing in the other', function () {
    $books = fn (string $language) => array_map(basename(...), glob(lang_path("{$language}/*.php")) ?: []);

    expect($books('es'))->toBe($books('en'));
});

test('every field of the catalogue has a name', function () {
    expect(array_filter(array_keys(Catalog::whole()->fields()), fn (string $path) => ! FieldWords::isNamed($path)))->toBe(
        [],
    );
});

test('every answer has words', function (string $path) {
    $field = Catalog::whole()->at($path);
    $wanted = $field->type === FieldType::Flag ? ['no', 'yes'] : $field->answers;

    expect(array_diff($wanted, array_keys(FieldWords::answers($path))))->toBe([]);
})->with(
    fn () => array_keys(
        array_filter(
            Catalog::whole()->fields(),
            fn ($field) => in_array($field->type, [FieldType::Choice, FieldType::Flag], true),
        ),
    ),
);

test('no field on any page is without words in either language', function (string $language) {
    Demo::load();
    app()->setLocale($language);
    $labels = [];
    $read = function (Group ...$groups) use (&$labels): void {
        foreach ($groups as $group) {
            array_push(
                $labels,
                $group->title,
                $group->note,
                ...array_keys($group->links),
                ...array_map(fn (Row $row) => $row->label, $group->rows),
            );
            foreach (array_merge(...array_map(fn (Row $row) => $row->fields, $group->rows)) as $field) {
                assert($field instanceof Field);
                array_push($labels, $field->label, $field->caption, ...array_values($field->options));
            }
        }
    };
    foreach (Doorway::query()->with('revision')->get() as $doorway) {
        $setout = $doorway->setout(null);
        foreach (Station::cases() as $station) {
            $read(...$station->groups($setout, [], Items::named('', $setout->document), 1));
        }
        if ($setout->plan !== null) {
            $read(
                ...(new MarkingForm($doorway, null))->groups(),
                ...(new SureForm($doorway, null))->groups(),
                ...(new SizeCardForm($doorway, null))->groups(),
            );
        }
    }
    $read(...(new KitForm(ShelfKit::query()->firstOrFail(), null))->groups());
    $unsaid = array_filter(
        $labels,
        fn (string $label) => preg_match(
            '/^(fields|captions|answers|bench|groups|rows|notes|links|offers)\.|:[a-z]|survey |brief |kit\./',
            $label,
        ) === 1,
    );

    expect(count($labels))->toBeGreaterThan(500)->and(array_values(array_unique($unsaid)))->toBe([]);
})->with(['en', 'es']);

test('every step says what is done, on which card, with what in hand', function (StepKind $kind) {
    $step = new Step($kind->value, 1, 0, 'wall', []);

    expect(StepWords::step($step))
        ->toMatch('/^[A-Z]/')
        ->not->toContain('steps.')
        ->and(StepWords::card($kind->card()))
        ->not->toContain('steps.')
        ->and($kind->isAtTheDesk() || StepWords::tools($step) !== [])
        ->toBeTrue();
})->with(fn () => array_column(StepKind::cases(), null, 'value'));

test('a step of one leaf, or of one coat, says so', function () {
    expect(StepWords::named('coat-leaf.left.2'))
        ->toBe(StepWords::kind(StepKind::CoatLeaf).', left, coat 2')
        ->and(StepWords::named('not a step'))
        ->toBe('not a step');
});

test('what a step waits for is said in hours or minutes', function () {
    expect(StepWords::after(new After('coat-leaf.1', 'dry', 240)))
        ->toContain('240 minutes')
        ->and(StepWords::after(new After('coat-leaf.2', 'cure', 960)))
        ->toContain('16 hours');
});

test('time is said in five minutes, and in half hours from an hour on', function (int $minutes, string $says) {
    expect(StepWords::about($minutes))->toBe($says);
})->with([[2, '5 min'], [33, '35 min'], [57, '55 min'], [60, '1 h'], [89, '1 ½ h'], [130, '2 h']]);

test('what a clearance hangs on has a name, be it a field or not', function (string $input) {
    expect(ClearanceWords::input($input, Document::of(['format' => 'yoke-line/doorway'])))
        ->not->toContain('.')
        ->not->toContain('_');
})->with([
    'leaf.width',
    'leaf.height',
    'hole.hanger',
    'mark.yoke',
    'mark.left.shut',
    'survey.wall.ceiling',
    'survey.opening.height[1]',
    'survey.studs[2].x',
    'kit.rail.height',
    'brief.header.width',
]);

test('the name of a step goes into its box in the graph in either language', function (
    string $language,
    StepKind $kind,
) {
    app()->setLocale($language);

    expect(substr_count(wordwrap(StepWords::kind($kind), 26), "\n"))->toBeLessThan(2);
})
    ->with(['en', 'es'])
    ->with(fn () => array_column(StepKind::cases(), null, 'value'));

/** @return list<string> what is not said, or said with a value left out */
function unsaid(Finding $finding): array
{
    $speak = Speaker::in(Unit::Millimetre);
    $wanted = [$finding->says(), ...array_map(fn (Cure $cure) => $cure->says(), $finding->cures)];
    $effects = array_merge([], ...array_map(fn (Cure $cure) => $cure->effects(), $finding->cures));

    return array_values(
        array_filter(
            array_map(fn (Message $one) => $speak->say($one) ?: $one->key, [...$wanted, $finding->more(), ...$effects]),
            fn (string $says) => preg_match('/:[a-z]|^[a-z-]+\.[a-z.-]+$/', $says) === 1 &&
                ! str_ends_with($says, '.more'),
        ),
    );
}

test('every fault and its cures are said with all their values, in both languages', function (
    string $code,
    array $changes,
    array $kits = [],
) {
    $findings = Doorways::faulty($changes, $kits)->findings;
    expect(array_merge([], ...array_map(unsaid(...), $findings)))->toBe([]);
    app()->setLocale('es');
    expect(array_merge([], ...array_map(unsaid(...), $findings)))->toBe([]);
})->with('faults');

test('every finding has a headline, and every cure that the core knows has words', function () {
    $core = implode(
        '',
        array_map(
            file_get_contents(...),
            glob(base_path('core/{Inspection,Inspection/Checks}/*.php'), GLOB_BRACE) ?: [],
        ),
    );
    preg_match_all("/(?:cure|new Cure|otherSize)\(\s*'([a-z-]+)'/", $core, $cures);
    $said = array_keys(require lang_path('en/cures.php'));

    expect(array_filter(FindingCode::cases(), fn (FindingCode $code) => ! Lang::has("findings.{$code->value}.says")))
        ->toBe([])
        ->and(count($cures[1]))
        ->toBeGreaterThan(40)
        ->and(array_values(array_diff($cures[1], $said)))
        ->toBe([]);
});

test('a count chooses its sentence', function (array $with, string $says) {
    $finding = new Finding(FindingCode::TooFewStuds, Severity::Stop, with: $with, how: 'board');

    expect(Speaker::in(Unit::Millimetre)->say($finding->says()))->toBe($says);
})->with([
    'none' => [['count' => 0], 'The header board catches no stud'],
    'one' => [['count' => 1], 'The header board catches one stud only'],
]);

test('a shortfall is never said as less than it is', function () {
    $short = new Message('findings.headroom.says', ['short' => Length::nm(4_200_000)]);
    $spare = new Message('findings.headroom-clear.says', ['spare' => Length::nm(4_800_000)]);

    expect(Speaker::in(Unit::Millimetre)->say($short))
        ->toBe('Headroom is 5 short')
        ->and(Speaker::in(Unit::Millimetre)->say($spare))
        ->toBe('4 of headroom to spare');
});

test('a message that a row keeps is read in another language, in the unit it was kept with', function () {
    $kept = StoredMessage::of(
        new Message('findings.summary', [
            'width' => Length::nm(965_200_000),
            'height' => Length::nm(2_133_600_000),
            'line' => Length::nm(2_178_050_000),
        ]),
        Unit::Inch,
    )->write();

    expect(StoredMessage::read($kept)->says())->toBe("Door 38 × 84, rail line 85\u{a0}3/4\"");
    app()->setLocale('es');
    expect(StoredMessage::read($kept)->says())->toBe("Puerta de 38 × 84, línea del carril 85\u{a0}3/4\"");
});

test('what a row keeps comes back as it was', function (Message $message) {
    $kept = StoredMessage::of($message, Unit::Millimetre)->write();

    expect(StoredMessage::read($kept)->write())
        ->toBe($kept)
        ->and(StoredMessage::read($kept)->says())
        ->not->toBe('');
})->with([
    'a length' => [new Message('findings.headroom.says', ['short' => Length::mm(4)])],
    'a quantity' => [new Message('findings.uplift.says', ['uplift_N' => Quantity::newtons(120.5)])],
    'a list' => [
        new Message('findings.board-jointed.more', [
            'joints' => [Length::mm(4), Length::mm(5)],
            'clear' => Length::mm(1),
        ]),
    ],
    'a message in it' => [
        new Message('findings.of-leaf', [
            'leaf' => Message::word('leaves', 'left'),
            'what' => new Message('findings.studs-unknown.says'),
        ]),
    ],
    'a case' => [new Message('cures.open-to', ['side' => Opens::Left])],
]);

test('what a row kept as plain text is said as it was said', function () {
    expect(StoredMessage::read('Header 38 thick')->says())->toBe('Header 38 thick');
});

/** @return list<string> names of a sum, its terms and all that they are worked out of, that the book lacks */
function unnamed(Sum $sum): array
{
    $named = fn (string $code) => str_starts_with($code, 'thing:') ||
        is_string(Lang::get('sums.terms')[explode('#', $code)[0]] ?? null);
    $lacks = $named($sum->name) ? [] : [$sum->name];
    $lacks = $sum->note === '' || isset(Lang::get('sums.notes')[$sum->note]) ? $lacks : [...$lacks, $sum->note];
    foreach ($sum->terms() as $term) {
        $below = $term->sum === null ? ($named($term->name) ? [] : [$term->name]) : unnamed($term->sum);
        array_push($lacks, ...$below);
    }

    return array_values(array_unique($lacks));
}

test('every number of a plan, and all that it is worked out of, has a name', function (string $doorway, string $opens) {
    $sums = Doorways::plan($doorway, ['brief.opens' => $opens])->sums();

    expect(count($sums))
        ->toBeGreaterThan(25)
        ->and(array_merge([], ...array_map(unnamed(...), array_values($sums))))
        ->toBe([]);
})->with(['kiln-room', 'map-archive', 'reclaim-bay', 'throwing-room', 'drying-niche'], ['left', 'right']);

test('what a drawn tape and a leaf card say stays inside them', function (
    string $doorway,
    Unit $unit,
    string $language,
) {
    $plan = Doorways::plan($doorway);
    app()->setLocale($language);
    $wording = Speaker::in($unit);
    $pulls = Pulls::of(Tapes::wall($plan), Pulls::hooks($plan), Length::mm(5000), $unit->step());
    $scenes = [
        ...array_map(fn ($pull) => PullTape::of($pull, $wording), $pulls->pulls),
        ...array_map(fn ($leaf) => LeafCard::of($plan, $leaf, $wording), array_values($plan->leaves())),
    ];
    foreach ($scenes as $scene) {
        foreach (array_filter($scene->shapes, fn (Shape $shape) => $shape->kind === 'text') as $text) {
            $wide = mb_strlen($text->text) * $text->attributes['font-size'] * ($text->layer === 'caption' ? 0.5 : 0.62);
            $from =
                $text->attributes['x'] -
                ['start' => 0, 'middle' => $wide / 2, 'end' => $wide][$text->attributes['text-anchor']];

            expect($from)
                ->toBeGreaterThanOrEqual($scene->left)
                ->and($from + $wide)
                ->toBeLessThanOrEqual($scene->left + $scene->width);
        }
    }
})
    ->with(['kiln-room', 'map-archive', 'reclaim-bay', 'throwing-room'])
    ->with([Unit::Millimetre, Unit::Inch])
    ->with(['en', 'es']);

/** @return list<string> of messages that say nothing, or leave a value out */
function unsaidOf(Message ...$messages): array
{
    $speak = Speaker::in(Unit::Millimetre);

    return array_values(
        array_filter(
            array_map(fn (Message $one) => $speak->say($one) ?: "nothing of {$one->key} {$one->how}", $messages),
            fn (string $says) => preg_match('/(?<!\d):[a-z]|^nothing of|^[a-z]+\.[a-z.-]+/', $says) === 1,
        ),
    );
}

test('whatever is found on site, what is asked, what it means and every way out are said in both languages', function (
    string $row,
    string $doorway,
    int $off,
    string $language,
) {
    app()->setLocale($language);
    $plan = Doorways::plan($doorway);
    $problems = new Problems(new OnSite(Doorways::document($doorway), $plan));
    $asks = $problems->asks($row);
    $told = array_map(
        fn (Question $ask) => $ask->options === []
            ? ($ask->planned ?? $plan->rail->holes[0])->plus(Length::mm($off))
            : (string) array_key_first($ask->options),
        $asks,
    );
    [$says, $ways] = $problems->ways($row, $told);

    expect(
        unsaidOf(
            Problems::title($row),
            ...array_values(array_map(fn (Question $ask) => $ask->label, $asks)),
            ...$says,
            ...array_map(fn (WayOut $way) => $way->title(), $ways),
            ...array_map(fn (WayOut $way) => $way->says(), $ways),
            ...array_map(fn (WayOut $way) => $way->harm(), $ways),
        ),
    )->toBe([]);
})
    ->with(Problems::ROWS)
    ->with(['kiln-room', 'map-archive', 'reclaim-bay', 'glaze-store'])
    ->with([-12, 9])
    ->with(['en', 'es']);

test('what is to be had, what is asked, checked and warned of is said in both languages', function (
    string $doorway,
    string $language,
) {
    app()->setLocale($language);
    $plan = Doorways::plan($doorway, ['survey.opening.was' => 'hinged-in', 'brief.rules.washers' => true]);
    $steps = array_values(Order::of($plan)->steps);
    $materials = Materials::of($plan);

    expect(
        unsaidOf(
            ...array_map(fn (Material $one) => $one->says(), $materials),
            ...array_map(fn (Material $one) => $one->for, $materials),
            ...array_filter(array_map(fn (Material $one) => $one->note, $materials)),
            ...array_map(fn (Schedule $row) => $row->says(), Schedule::of($plan)),
            ...array_map(fn (Schedule $row) => $row->into(), Schedule::of($plan)),
            ...array_map(fn (Schedule $row) => $row->driver(), Schedule::of($plan)),
            ...array_map(fn (Schedule $row) => $row->howTight(), Schedule::of($plan)),
            ...array_map(fn (Alternative $one) => $one->says(), Alternatives::of($plan)),
            ...array_map(fn (Alternative $one) => $one->costs(), Alternatives::of($plan)),
            ...array_map(fn (RunCheck $check) => $check->says(), RunCheck::of($plan)),
            ...Cautions::of($plan),
            ...Cautions::forCustomer($plan),
            ...array_merge(...array_map(fn (Step $step) => Cautions::at($step, $plan), $steps)),
            ...array_map(
                fn (SiteMeasurement $ask) => $ask->called(),
                array_merge(...array_map(fn (Step $step) => SiteMeasurements::at($step, $plan), $steps)),
            ),
            ...AtHand::hanger($plan),
            ...AtHand::stop($plan),
            ...AtHand::guide($plan),
            ...array_values(array_filter(array_column(BoxCheck::of($plan), 1), fn ($part) => $part instanceof Message)),
            ...array_map(fn (TapeMark $mark) => $mark->id->says(), MarksWriter::marks($plan)),
        ),
    )->toBe([]);
})
    ->with(['kiln-room', 'map-archive', 'reclaim-bay', 'glaze-store', 'slip-store', 'throwing-room'])
    ->with(['en', 'es']);

test('every kind of material, every thing that a drawing says and every mark has its words', function () {
    $drawn = implode('', array_map(file_get_contents(...), glob(base_path('core/Drawing/*.php')) ?: []));
    preg_match_all("/Caption::of\(\s*'([a-z-]+)'/", $drawn, $captions);

    expect(array_diff($captions[1], array_keys(require lang_path('en/drawing.php'))))
        ->toBe([])
        ->and(count($captions[1]))
        ->toBeGreaterThan(40)
        ->and(array_diff(array_column(MaterialKind::cases(), 'value'), array_keys(Lang::get('materials.what'))))
        ->toBe([]);
});

test('each wood that is known by its name is said in both languages', function (string $wood) {
    expect([Lang::has("words.woods.{$wood}", 'en', false), Lang::has("words.woods.{$wood}", 'es', false)])
        ->toBe([true, true]);
})->with(Wood::names());

test('what is typed is said as it stands, also where it looks like what a row keeps', function (string $typed) {
    expect(StoredMessage::read(StoredMessage::typed($typed)->write())->says())->toBe($typed);
})->with(['The wall is soft here', '{"say":"changes","how":"swept"}', '{"say":', '{"say":"x","in":"ell"}']);

test('a row that names no unit there is is read all the same', function () {
    expect(StoredMessage::read('{"say":"changes","how":"begun","in":"ell"}')->says())->toBe(
        StoredMessage::change('begun')->says(),
    );
});
