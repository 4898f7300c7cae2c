<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\FieldWords;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;
use YokeLine\Measure\LengthWriter;
use YokeLine\Setout;

/** What decides an order and nobody has answered, with what is usual: one tap says that it is so. */
final readonly class Assumption
{
    /**
     * @param  ?string  $usual  as the document keeps it; null where nothing is usual and it must be chosen
     * @param  string  $shown  what is usual, as it is read
     */
    private function __construct(
        public string $place,
        public Station $station,
        public ?string $usual,
        public string $shown,
    ) {}

    /** @return list<self> in the order one meets them */
    public static function all(Setout $setout): array
    {
        return array_map(fn (string $place) => self::at($place, $setout), $setout->assumed());
    }

    /**
     * @param  list<self>  $all
     * @return array<string, string> what is usual of each, to be laid on the document
     */
    public static function changes(array $all): array
    {
        return array_filter(array_column($all, 'usual', 'place'), fn (?string $usual) => $usual !== null);
    }

    public function label(): string
    {
        return FieldWords::label($this->place);
    }

    private static function at(string $place, Setout $setout): self
    {
        $field = Catalog::whole()->at($place);
        $length = $field->usualIn($setout->doorway->units);
        $usual = match (true) {
            $field->type === FieldType::Length => $length === null
                ? null
                : (new LengthWriter($setout->doorway->units))->exact($length),
            is_string($field->usual) && $field->usual !== '' => $field->usual,
            default => null,
        };

        return new self(
            $place,
            Station::settingPlace($place),
            $usual,
            $length === null ? (FieldWords::answers($place)[$usual ?? ''] ?? '') : $setout->write->show($length),
        );
    }
}
