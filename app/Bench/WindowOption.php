<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\Formatter;
use OakGloss\Fact\Draft;

/** One priced way out of a window that falls into closed hours. */
final readonly class WindowOption
{
    /**
     * @param string      $code      coat_earlier, stay, warm, cool, key or tomorrow
     * @param float|null  $readyMin  when the part is ready on that way
     * @param float       $atMin     when the step is done on that way
     * @param float       $handsMin  hands-on minutes ahead
     * @param float       $overMin   minutes past closing
     * @param float|null  $untilMin  how long somebody stays, or the part is in another air
     * @param list<Draft> $facts     what taking it records
     * @param bool        $isPlanned what the run sheet does if nothing is taken
     */
    public function __construct(
        public string $code,
        public ?float $readyMin,
        public float $atMin,
        public float $handsMin,
        public float $overMin = 0.0,
        public ?float $untilMin = null,
        public ?float $celsius = null,
        public string $climate = '',
        public array $facts = [],
        public bool $isPlanned = false,
        public float $othersLaterMin = 0.0,
    ) {
    }

    /** As it stands on its button. */
    public function words(Formatter $format): string
    {
        return (string) __("words.way_out.{$this->code}", [
            'until' => $format->when($this->untilMin),
            'at' => $format->when($this->atMin),
            'c' => (string) round((float) $this->celsius, 1),
            'climate' => $this->climate === '' ? '' : $format->word('climate', $this->climate),
        ]);
    }
}
