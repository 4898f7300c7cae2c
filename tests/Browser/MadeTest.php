<?php

declare(strict_types=1);

test('a newcomer has a door built of boards, and then of a frame', function () {
    $browser = $this->browser
        ->visit('/doorways/1/door/made')
        ->see('Choose how the door is made', '.made')
        ->choose('The door is', 'boards on ledges')
        ->see('Ledge', '.made-parts')
        ->press('one in each bay')
        ->see('Brace', '.made-parts')
        ->choose('The door is', 'framed, with an infill')
        ->see('Stile', '.made-parts');
    $glue = $browser->text('.made');

    expect($glue)->toContain('of glue')->and($glue)->toContain('Glue the frame on');
});

test('an old door is told, and what is cut off it is on the list', function () {
    $this->browser
        ->visit('/doorways/1/door/made')
        ->choose('The door is', 'an old hollow door, trimmed')
        ->type('Old door 1, width', '1020')
        ->type('Old door 1, height', '2300')
        ->type('Old door 1, thickness', '40')
        ->see('Old door', '.made-parts')
        ->see('cut off the foot', '.made-parts');
});

test('the days of a crew wait for boards to rest, and have the making in them', function () {
    $days = $this->browser->visit('/jobs/3/schedule')->see('Done on')->text('main');

    expect($days)->toContain('Oil store, lay the infill');
});
