<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\Cup;
use App\Words\Formatter;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\Pump;

/** A cup that is filled by strokes. */
final readonly class PumpWords
{
    /** @param array{resin: int, hardener: int, error: float} $strokes */
    private function __construct(private Pump $pump, private array $strokes, private Cup $cup, private Formatter $format)
    {
    }

    /** Null where the jars have no pump, or too many strokes would have to be counted. */
    public static function of(Cup $cup, Formatter $format): ?self
    {
        $pump = $cup->pump();
        $strokes = $pump?->strokesFor($cup->batch);

        return $pump === null || $strokes === null ? null : new self($pump, $strokes, $cup, $format);
    }

    public function key(): string
    {
        return abs($this->strokes['error']) > Batch::TOLERANCE ? 'weigh.pump_off' : 'weigh.pump';
    }

    /** @return array<string, string|int> */
    public function says(): array
    {
        return [
            'resin' => $this->strokes['resin'], 'hardener' => $this->strokes['hardener'],
            'resin_g' => $this->format->grams($this->pump->resinG), 'hardener_g' => $this->format->grams($this->pump->hardenerG),
            'off' => ($this->strokes['error'] > 0.0 ? '+' : '−').$this->format->percent(abs($this->strokes['error'])),
        ];
    }

    /** Strokes of a jar that are still to press; null of one without a pump. */
    public function still(?string $jar): ?int
    {
        [$of, $in, $stroke] = match ($jar) {
            'resin' => [$this->strokes['resin'], $this->cup->pour->resinG, $this->pump->resinG],
            'hardener' => [$this->strokes['hardener'], $this->cup->pour->hardenerG, $this->pump->hardenerG],
            default => [0, 0.0, 0.0],
        };

        return $of === 0 ? null : max(1, $of - (int) round($in / $stroke));
    }
}
