<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\RuleWords;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field as CatalogField;
use YokeLine\Measure\LengthReader;
use YokeLine\Setout;

/** Where a house does otherwise than is usual. */
final readonly class HouseAnswers
{
    public function __construct(private Setout $setout, private Typed $typed) {}

    /** @return list<string> where this house differs from what is usual, or has said why */
    public function told(): array
    {
        $rules = [];
        foreach (Catalog::whole()->rules() as $key => $rule) {
            $kept = CatalogField::answered($this->setout->document->get($rule->path));
            $why = $this->setout->document->get("house.{$key}.why");
            $why = is_string($why) ? $why : '';
            if (
                is_scalar($kept) &&
                (! $this->isUsual($rule, $kept) || $why !== '') &&
                ($rule->answers === [] || in_array($kept, $rule->answers, true))
            ) {
                $rules[] = RuleWords::kept(
                    $rule,
                    $rule->answers === []
                        ? $this->typed->toScreen(Field::of($rule->path), $kept)
                        : RuleWords::answer($rule, (string) $kept),
                    $why,
                );
            }
        }

        return $rules;
    }

    private function isUsual(CatalogField $rule, mixed $kept): bool
    {
        $units = $this->setout->doorway->units;
        $usual =
            $rule->path === 'brief.rules.side_overlap'
                ? $this->setout->doorway->brief->rules->usualOverlap()
                : $rule->usualIn($units);

        return $rule->answers === []
            ? $usual !== null && LengthReader::read($kept, $units)->equals($usual)
            : $kept === CatalogField::answered($rule->usual);
    }
}
