<?php

declare(strict_types=1);

namespace YokeLine\Making;

/** A way of building a leaf that knows where its parts lie. */
interface PlacesParts
{
    /** @return list<Placed> every part where it lies, worked when it is drawn */
    public function placed(): array;
}
