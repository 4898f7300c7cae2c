<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use RuntimeException;
use YokeLine\Measure\Message;

/** The points of a photograph do not tell where its wall is. */
final class UnusablePhoto extends RuntimeException
{
    /** @param  'too-few'|'in-a-line'|'crossed'|'behind'  $how */
    public function __construct(public readonly string $how)
    {
        parent::__construct($how);
    }

    public function says(): Message
    {
        return new Message('survey.photo-refused', [], $this->how);
    }
}
