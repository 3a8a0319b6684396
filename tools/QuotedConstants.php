<?php

declare(strict_types=1);

namespace Tools;

/**
 * Figures of a page that are constants of the code: `3<!--DewPoint::MARGIN_C-->`, `30<!--DefectPlace::PLACE_SHARE*100-->`. A reader of
 * the page sees the figure alone; it is written anew from the constant by `./oak docs`.
 */
final class QuotedConstants
{
    private const QUOTED = '/(?<![\d.])-?\d[\d.]*(<!--(\w+)::(\w+)(?:([*\/])([\d.]+))?-->)/';

    /** @var array<string, string> file by the short name of its class */
    private array $files = [];

    public function __construct(private readonly string $root)
    {
        foreach (['app' => 'App', 'core' => 'OakGloss'] as $folder => $space) {
            $files = new \RecursiveDirectoryIterator("{$root}/{$folder}", \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($files) as $file) {
                $path = substr((string) $file, strlen("{$root}/{$folder}/"), -strlen('.php'));
                $this->files[basename($path)] = $space.'\\'.str_replace('/', '\\', $path);
            }
        }
    }

    /** @return list<string> pages that quote */
    public function pages(): array
    {
        return glob("{$this->root}/docs/models/*.md") ?: [];
    }

    /** @throws \LogicException If a constant that is quoted is none. */
    public function renewed(string $page): string
    {
        return (string) preg_replace_callback(self::QUOTED, function (array $of): string {
            $value = $this->value($of[2], $of[3]);
            $factor = (float) ($of[5] ?? 1.0);

            return json_encode(round(($of[4] ?? '*') === '*' ? $value * $factor : $value / $factor, 6)).$of[1];
        }, $page);
    }

    public static function count(string $page): int
    {
        return (int) preg_match_all(self::QUOTED, $page);
    }

    private function value(string $class, string $constant): float
    {
        $name = $this->files[$class] ?? '';
        $found = class_exists($name) || enum_exists($name) ? new \ReflectionClass($name) : null;
        $value = $found?->getReflectionConstant($constant) ?: throw new \LogicException("{$class}::{$constant} is no constant");

        return (float) $value->getValue();
    }
}
