<?php

declare(strict_types=1);

namespace App\Models;

use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choices;

/**
 * What was chosen of a part. Fields of a form read and set each like a column (`plies`); all of them are kept in one, so that
 * a new choice needs none.
 *
 * @property array<string, mixed>|null $choices by field, as they were chosen
 */
trait HasChoices
{
    /**
     * @throws \OakGloss\Quantity\OakGlossFault If a number that was kept is out of its range.
     * @throws \UnexpectedValueException        If what was kept can't be read.
     */
    public function chosen(): Choices
    {
        if (! is_array(json_decode((string) $this->getAttributes()['choices'], true))) {
            throw new \UnexpectedValueException('the choices can\'t be read');
        }

        return Choices::read($this->kept());
    }

    /** What stands of one of them: as it was chosen, or as usual. */
    private function choice(string $name): mixed
    {
        $choice = Listed::kept()[$name];

        return $choice::field()->read($this->kept()[$name] ?? null) ?? $choice::USUAL;
    }

    private function choose(string $name, mixed $value): static
    {
        $kept = [$name => Listed::kept()[$name]::field()->keep($value)] + $this->kept();

        return $this->setAttribute('choices', array_filter($kept, fn (mixed $v): bool => $v !== null));
    }

    /** @return array<string, mixed> */
    private function kept(): array
    {
        $kept = $this->getAttribute('choices');

        return is_array($kept) ? $kept : [];
    }
}
