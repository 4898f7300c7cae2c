<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Measure\Unit;

/** Fields on a page that are kept one by one as they are set. */
interface Form
{
    /** @return list<Group> */
    public function groups(): array;

    /** Where a change is sent to. */
    public function changesUrl(): string;

    /** What stands in the field. */
    public function value(Field $field): string;

    /** What was typed there in another unit, as it was typed; '' where nothing was. */
    public function beside(Field $field): string;

    /** What stands there in grey where nothing is set. */
    public function grey(Field $field): string;

    public function isOverruled(Field $field): bool;

    /** What is wrong with what was typed there, as a sentence; null where nothing is. */
    public function refusal(Field $field): ?string;

    public function unit(): Unit;
}
