<?php

declare(strict_types=1);

test('a page is printed to its end, without the bars over it', function (string $path, string $last) {
    $browser = $this->browser->visit($path);
    $browser->find($last);
    $says = $browser->js(
        'return [...document.querySelectorAll(arguments[0])].at(-1).textContent.trim().replace(/\s+/g, " ").split(" ").slice(-3).join(" ")',
        $last,
    );
    $file = (string) tempnam(sys_get_temp_dir(), 'yoke');
    file_put_contents($file, $browser->pdf());
    $text = (string) preg_replace('/\s+/', ' ', (string) shell_exec("pdftotext {$file} -"));
    unlink($file);

    expect($says)->not->toBe('')->and($text)->toContain($says)->not->toContain('Find a job');
})->with([
    'the bench, to its last finding' => ['/doorways/1/rail/stops', '.finding h3'],
    'a kit, to its last height' => ['/shelf/flat-40-strap', '.heights th'],
    'materials, to the last line' => ['/jobs/1/materials', '.table tbody th'],
    'house rules, to the last of them' => ['/rules', '.rule b, .rule strong, .rule label, .rule h3'],
    'the schedule, to its last day' => ['/jobs/1/schedule', '#days h2'],
    'words, to the last of them' => ['/words', '.words p'],
]);
