<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/** The words and the unit of whoever looks: what is drawn is captioned by it. */
interface Wording
{
    public function say(Message $message): string;

    public function lengths(): LengthWriter;
}
