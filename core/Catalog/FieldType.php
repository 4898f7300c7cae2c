<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

/** What a field of a document holds. */
enum FieldType: string
{
    case Length = 'length';
    case Lengths = 'lengths';
    /** Two places, [from, to]. */
    case Span = 'span';
    case Spans = 'spans';
    case Text = 'text';
    case Texts = 'texts';
    case Flag = 'flag';
    case Count = 'count';
    case Amount = 'amount';
    case Choice = 'choice';
    case Choices = 'choices';
    /** A list of things that have fields of their own, each with an id. */
    case Items = 'items';
}
