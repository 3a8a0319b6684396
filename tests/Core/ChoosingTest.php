<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Purpose;
use OakGloss\Choosing\Skill;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Material\Substrate;
use OakGloss\Method\Methods;
use OakGloss\Method\Ways;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which way of working to take, why, and what must not be done. */
final class ChoosingTest extends TestCase
{
    /** @return iterable<string, array{Wish, string}> */
    public static function wishes(): iterable
    {
        $with = ['tools' => Tool::cases()];
        yield 'a plastic part' => [new Wish(...$with), 'brush_on'];
        yield 'a steel panel' => [new Wish(...$with, substrate: Substrate::Steel), 'sheet_metal'];
        yield 'glass fibre, and urgent' => [new Wish(...$with, substrate: Substrate::GlassFibre, isUrgent: true), 'brush_on'];
        yield 'a deep part' => [new Wish(...$with, form: Form::Deep), 'bagged'];
        yield 'flat parts from nothing' => [new Wish(...$with, lies: Lies::Nothing, form: Form::Flat), 'flat_sheet'];
        yield 'deep parts from nothing' => [new Wish(...$with, lies: Lies::Nothing, form: Form::Deep, pieces: 6), 'pattern_mould'];
        yield 'one more of an original' => [new Wish(...$with, lies: Lies::Original), 'lift_off_shell'];
        yield 'twenty of an original' => [new Wish(...$with, lies: Lies::Original, pieces: 20), 'pattern_mould'];
        yield 'a raw moulding' => [new Wish(...$with, lies: Lies::RawMoulding, substrate: Substrate::Carbon), 'clear_moulding'];
        yield 'ridges and lows' => [new Wish(...$with, lies: Lies::BadSkin, substrate: Substrate::Carbon), 'rescue'];
        yield 'a chip' => [new Wish(...$with, lies: Lies::DamagedSkin, substrate: Substrate::Carbon), 'crack_or_chip'];
        yield 'a paddle' => [new Wish(...$with, lies: Lies::ClothedPiece, substrate: Substrate::Wood, bothFaces: true), 'two_sided'];
        yield 'a bare paddle' => [new Wish(...$with, lies: Lies::BarePart, substrate: Substrate::Wood, bothFaces: true), 'both_faces'];
        yield 'more depth' => [new Wish(...$with, lies: Lies::ThinSkin, substrate: Substrate::Carbon, form: Form::Flat), 'heavy_coat'];
    }

    #[DataProvider('wishes')]
    public function testProposesWhatAFinisherWould(Wish $wish, string $method): void
    {
        $ways = Ways::for($wish);
        self::assertSame($method, $ways->best()[0] ?? null);
        // A deep part out of nothing has one way alone: no plate gives it.
        self::assertCount($wish->lies === Lies::Nothing && $wish->form === Form::Deep ? 1 : 2, $ways->best(), 'and a runner-up');
    }

    public function testEveryMethodIsProposedForSomething(): void
    {
        $proposed = array_unique(array_map(fn (array $w): string => $w[1], array_values(iterator_to_array(self::wishes()))));
        $glue = Ways::for(new Wish(substrate: Substrate::GlassFibre, isUrgent: true, tools: Tool::cases()));
        self::assertContains('glue_down', $glue->best(), 'beside the other');
        self::assertSame([], array_diff(array_keys(Methods::all()), [...$proposed, 'glue_down']));
    }

    public function testWhatALifeHangsOnIsRefusedWhateverElseIsSaid(): void
    {
        foreach (array_filter(Purpose::cases(), fn (Purpose $p): bool => $p->isRefused()) as $purpose) {
            foreach (Lies::cases() as $lies) {
                $ways = Ways::for(new Wish(lies: $lies, purpose: $purpose, tools: Tool::cases()));
                self::assertSame([], $ways->offered, "{$purpose->value}, {$lies->value}");
                foreach ($ways->refused as $suits) {
                    self::assertContains("purpose_{$purpose->value}", $suits->refused);
                }
            }
        }
    }

    /** What is asked for has its words, and every refusal says what would do. */
    public function testEveryReasonHasItsWords(): void
    {
        $words = require dirname(__DIR__, 2).'/lang/en/choose.php';
        $reasons = $refused = [];
        foreach (Lies::cases() as $lies) {
            foreach (Form::cases() as $form) {
                foreach ([Substrate::Abs, Substrate::Steel, Substrate::Carbon, Substrate::Polypropylene] as $substrate) {
                    foreach ([[1, Skill::First, false], [9, Skill::Sure, true]] as [$pieces, $skill, $flag]) {
                        foreach (Methods::all() as $method) {
                            $suits = $method->suits(new Wish($lies, Purpose::Cosmetic, $substrate, $form, $pieces, sun: $flag, heat: $flag, bothFaces: $flag, isUrgent: $flag, skill: $skill));
                            $reasons += $suits->isPlaced ? $suits->reasons : [];
                            $refused = [...$refused, ...($suits->isPlaced ? $suits->refused : [])];
                        }
                    }
                }
            }
        }
        self::assertSame([], array_diff(array_keys($reasons), array_keys($words['reasons'])));
        self::assertSame([], array_diff(array_keys($words['reasons']), array_keys($reasons)), 'no words for nothing');
        self::assertSame([], array_diff($refused, array_keys($words['refused'])));
        foreach ([...Tool::cases()] as $tool) {
            self::assertArrayHasKey($tool->value, $words['tools']);
        }
    }

    public function testAToolThatTheShopLacksCountsAndIsNamed(): void
    {
        $deep = fn (Tool ...$tools): Ways => Ways::for(new Wish(form: Form::Deep, tools: array_values($tools)));
        $with = $deep(Tool::VacuumPump, Tool::SprayGun)->offered['bagged'];
        $without = $deep(Tool::SprayGun)->offered['bagged'];
        self::assertSame([[], [Tool::VacuumPump]], [$with->lacks, $without->lacks]);
        self::assertGreaterThan($without->points, $with->points);
        self::assertArrayHasKey('brush_on', $deep()->offered);
        self::assertContains('wont_hold', Ways::for(new Wish(substrate: Substrate::Polyethylene))->refused['brush_on']->refused);
    }
}
