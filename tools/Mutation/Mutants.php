<?php

declare(strict_types=1);

namespace Tools\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** Mutants of some rooms of the core: other operators, constants, bounds, and arguments in another order. */
final class Mutants
{
    private const OPERATORS = [
        Expr\BinaryOp\Plus::class => '-', Expr\BinaryOp\Minus::class => '+', Expr\BinaryOp\Mul::class => '/', Expr\BinaryOp\Div::class => '*',
        Expr\BinaryOp\Smaller::class => '<=', Expr\BinaryOp\SmallerOrEqual::class => '<', Expr\BinaryOp\Greater::class => '>=',
        Expr\BinaryOp\GreaterOrEqual::class => '>', Expr\BinaryOp\Identical::class => '!==', Expr\BinaryOp\NotIdentical::class => '===',
        Expr\BinaryOp\BooleanAnd::class => '||', Expr\BinaryOp\BooleanOr::class => '&&',
    ];

    private const SLACK = 1e-5;

    private const FUNCTIONS = ['min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor'];

    /**
     * @param list<string>                            $rooms
     * @param array<string, array<int, list<string>>> $covered tests by file and line
     *
     * @return list<Mutant> as many, of all rooms alike by how many they have
     */
    public static function sampled(string $root, array $rooms, array $covered, int $count): array
    {
        $all = [];
        foreach ($rooms as $room) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/core/{$room}", \FilesystemIterator::SKIP_DOTS)) as $file) {
                array_push($all, ...self::of($room, (string) $file, $covered[(string) $file] ?? []));
            }
        }
        usort($all, fn (Mutant $a, Mutant $b): int => [$a->file, $a->from] <=> [$b->file, $b->from]);
        $picked = $all === [] ? [] : array_rand($all, min($count, count($all)));

        return array_map(fn (int $i): Mutant => $all[$i], (array) $picked);
    }

    /**
     * @param array<int, list<string>> $covered tests by line
     *
     * @return iterable<Mutant>
     */
    private static function of(string $room, string $file, array $covered): iterable
    {
        $source = (string) file_get_contents($file);
        $tree = (new ParserFactory())->createForHostVersion()->parse($source) ?? [];
        foreach ((new NodeFinder())->find($tree, fn (Node $n): bool => true) as $node) {
            $tests = $covered[$node->getStartLine()] ?? [];
            if ($tests === []) {
                continue;
            }
            foreach (self::changes($node, $source) as [$from, $until, $is]) {
                // The same text again is no change, and a slack of rounding none that a figure shows.
                if ($is === substr($source, $from, $until - $from)) {
                    continue;
                }
                yield new Mutant($room, $file, $node->getStartLine(), $from, $until, substr($source, $from, $until - $from), $is, $tests);
            }
        }
    }

    /** @return iterable<array{int, int, string}> from, until, what stands there instead */
    private static function changes(Node $node, string $source): iterable
    {
        $text = fn (Node $n): string => substr($source, $n->getStartFilePos(), $n->getEndFilePos() + 1 - $n->getStartFilePos());
        [$from, $until] = [$node->getStartFilePos(), $node->getEndFilePos() + 1];
        if ($node instanceof Expr\BinaryOp && isset(self::OPERATORS[$node::class])) {
            yield [$from, $until, $text($node->left).' '.self::OPERATORS[$node::class].' '.$text($node->right)];
        } elseif ($node instanceof Scalar\Float_ && ($node->value === 0.0 || abs($node->value) > self::SLACK)) {
            yield [$from, $until, var_export($node->value === 0.0 ? 1.0 : 1.25 * $node->value, true)];
        } elseif ($node instanceof Scalar\Int_) {
            yield [$from, $until, (string) ($node->value + 1)];
        } elseif ($node instanceof Expr\UnaryMinus) {
            yield [$from, $until, $text($node->expr)];
        } elseif ($node instanceof Expr\BooleanNot) {
            yield [$from, $until, '('.$text($node->expr).')'];
        } elseif ($node instanceof Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true)) {
            yield [$from, $until, $node->name->toLowerString() === 'true' ? 'false' : 'true'];
        } elseif ($node instanceof Expr\FuncCall && $node->name instanceof Node\Name && isset(self::FUNCTIONS[$node->name->toLowerString()])) {
            yield [$node->name->getStartFilePos(), $node->name->getEndFilePos() + 1, self::FUNCTIONS[$node->name->toLowerString()]];
        } elseif (($node instanceof Expr\MethodCall || $node instanceof Expr\StaticCall || $node instanceof Expr\New_) && count($node->args) > 1) {
            [$a, $b] = [$node->args[0], $node->args[1]];
            if ($a instanceof Node\Arg && $b instanceof Node\Arg && $a->name === null && $b->name === null && ! $b->unpack && ! $a->unpack) {
                $between = substr($source, $a->getEndFilePos() + 1, $b->getStartFilePos() - $a->getEndFilePos() - 1);
                yield [$a->getStartFilePos(), $b->getEndFilePos() + 1, $text($b).$between.$text($a)];
            }
        }
    }
}
