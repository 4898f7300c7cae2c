<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/**
 * A length together with the sum it came from: the working and the explanation are one and the same.
 *
 * A step is either signed terms added up, or the greatest or least of some, or a rounding of one.
 */
final readonly class Sum
{
    /**
     * @param  'sum'|'greatest'|'least'|'rounded'  $kind
     * @param  list<Term>  $terms
     * @param  int  $places  places added less places taken away; of a choice, how many of its candidates are places
     */
    private function __construct(
        public string $name,
        public Length $total,
        public string $kind,
        private array $terms,
        private int $places,
        public string $note = '',
        private bool $inMirror = false,
    ) {}

    public static function of(string $name): self
    {
        return new self($name, Length::zero(), 'sum', [], 0);
    }

    /** @param  array<string, Length|Sum>  $candidates what is compared, by name */
    public static function greatest(string $name, array $candidates): self
    {
        return self::choice('greatest', $name, $candidates);
    }

    /** @param  array<string, Length|Sum>  $candidates what is compared, by name */
    public static function least(string $name, array $candidates): self
    {
        return self::choice('least', $name, $candidates);
    }

    /**
     * How much more the total is than its terms come to, once each is rounded to be shown; none where it is no plain
     * sum.
     *
     * @param  callable(Length): Length  $rounded
     */
    public function roundedOff(callable $rounded): Length
    {
        $off = $this->kind === 'sum' && $this->terms !== [] ? $rounded($this->total) : Length::zero();
        foreach ($this->kind === 'sum' ? $this->terms() : [] as $term) {
            $off = $off->minus($rounded($term->value)->times($term->sign));
        }

        return $off;
    }

    /** Starts from, or adds, a place on the wall: in the mirror it stands on the other side. */
    public function place(string $name, Length|self $place): self
    {
        return $this->with(Term::of(1, $name, $place, true));
    }

    /** Takes a place away: what is left is the distance from it. */
    public function fromPlace(string $name, Length|self $place): self
    {
        return $this->with(Term::of(-1, $name, $place, true));
    }

    public function plus(string $name, Length|self $term): self
    {
        return $this->with(Term::of(1, $name, $term, false));
    }

    public function minus(string $name, Length|self $term): self
    {
        return $this->with(Term::of(-1, $name, $term, false));
    }

    /** Takes another value than the sum itself, and says why: rounded, stock, held back. */
    public function becomes(Length $value, string $note): self
    {
        return $value->equals($this->total)
            ? $this
            : new self(
                $this->name,
                $value,
                'rounded',
                [Term::of(1, 'worked-out', $this, $this->isPlace())],
                $this->isPlace() ? 1 : 0,
                $note,
            );
    }

    public function renamed(string $name): self
    {
        return new self($name, $this->total, $this->kind, $this->terms, $this->places, $this->note, $this->inMirror);
    }

    /** Whether the total is a place on the wall, not a distance. */
    public function isPlace(): bool
    {
        return $this->kind === 'sum' ? $this->places === 1 : $this->places > 0;
    }

    /**
     * The same working on the mirrored wall: places change sides, distances stay.
     * Its terms are turned round when they are asked for, as most never are.
     */
    public function mirrored(): self
    {
        $isPlace = $this->isPlace();
        $kind = match (true) {
            ! $isPlace => $this->kind,
            $this->kind === 'greatest' => 'least',
            $this->kind === 'least' => 'greatest',
            default => $this->kind,
        };

        return new self(
            self::otherSide($this->name),
            $isPlace ? $this->total->negated() : $this->total,
            $kind,
            $this->terms,
            $this->places,
            self::otherSide($this->note),
            ! $this->inMirror,
        );
    }

    /** @return list<Term> */
    public function terms(): array
    {
        $isPlace = $this->isPlace();

        return $this->inMirror ? array_map(fn (Term $term) => $term->mirroredIn($isPlace), $this->terms) : $this->terms;
    }

    public static function otherSide(string $words): string
    {
        return strtr($words, ['left' => 'right', 'right' => 'left']);
    }

    /** The name of the candidate that was taken, of a greatest or least. */
    public function ruledBy(): ?string
    {
        foreach ($this->kind === 'greatest' || $this->kind === 'least' ? $this->terms() : [] as $term) {
            if ($term->value->equals($this->total)) {
                return $term->name;
            }
        }

        return null;
    }

    /**
     * What it comes to where terms are off: those of a term by its name, or those of what that term was worked from.
     * What was chosen or rounded stays as it was chosen.
     *
     * @param  array<string, Length>  $by  how far, by the term's name
     */
    public function off(array $by): Length
    {
        $total = $this->total;
        foreach ($this->kind === 'sum' ? $this->terms() : [] as $term) {
            $off = $by[$term->name] ?? $term->sum?->off($by)->minus($term->value) ?? Length::zero();
            $total = $total->plus($off->times($term->sign));
        }

        return $total;
    }

    public function says(): Message
    {
        return self::called($this->name);
    }

    /** Why it takes another value than was worked out; nothing where it does not. */
    public function notes(): Message
    {
        return new Message('sums.notes', [], $this->note);
    }

    /** A name of a sum or a term: `leaf-width`, the second of several as `head-at-height#2`, `thing:shelf` as typed. */
    public static function called(string $name): Message
    {
        [$code, $n] = [...explode('#', $name), ''];

        return str_starts_with($name, 'thing:')
            ? Message::word('things', substr($name, 6))
            : new Message('sums.terms', ['n' => $n], $code);
    }

    private function with(Term $term): self
    {
        $total = $term->sign === 1 ? $this->total->plus($term->value) : $this->total->minus($term->value);

        $terms = $this->terms();
        $terms[] = $term;

        return new self($this->name, $total, 'sum', $terms, $this->places + ($term->isPlace ? $term->sign : 0));
    }

    /**
     * @param  'greatest'|'least'  $kind
     * @param  array<string, Length|Sum>  $candidates
     */
    private static function choice(string $kind, string $name, array $candidates): self
    {
        $terms = [];
        foreach ($candidates as $label => $candidate) {
            $terms[] = Term::of(1, $label, $candidate, $candidate instanceof self && $candidate->isPlace());
        }

        return new self(
            $name,
            Length::$kind(...array_map(fn (Term $term) => $term->value, $terms)),
            $kind,
            $terms,
            count(array_filter($terms, fn (Term $term) => $term->isPlace)),
        );
    }
}
