<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PracticeRun;
use Illuminate\Testing\TestResponse;
use OakGloss\Practice\Lesson;

/** The practice room over HTTP. */
final class PracticeRoomTest extends ShopCase
{
    public function testEveryLessonIsOfferedAndEachOpens(): void
    {
        $page = $this->get('/practice')->assertOk();
        foreach (Lesson::cases() as $lesson) {
            $page->assertSee((string) __("practice.lesson.{$lesson->value}.title"));
            $run = $this->begin($lesson->value, 42);
            $room = $this->get("/practice/{$run->id}")->assertOk()->assertSee(__('practice.hand_in'));
            if ($lesson === Lesson::Lifts) {
                $room->assertSee('Its warmth')->assertDontSee('Under the lamp');
                continue;
            }
            $room->assertSee(__('practice.lamp', ['zone' => 'top']))->assertSee(__('practice.section'));
            $this->get("/practice/{$run->id}?zone=rim")->assertSee(__('practice.lamp', ['zone' => 'rim']));
        }
        self::assertSame(8, PracticeRun::query()->count());
    }

    public function testALessonIsPlayedWonAndPlayedAgain(): void
    {
        $run = $this->begin('dust', 7);
        foreach ([['wipe'], ['mix', ['mix_amount' => '20']], ['coat']] as $n => $act) {
            $this->do($run, $act[0], $n, $act[1] ?? [])->assertSessionHasNoErrors();
        }
        $this->get("/practice/{$run->id}")->assertSee(__('practice.move.coat'))->assertSee('ran to the lower edges');
        $this->post("/practice/{$run->id}/finish")->assertRedirect();
        $this->get("/practice/{$run->id}")->assertSee('Won.')->assertSee(__('practice.again'));
        self::assertTrue($run->fresh()?->won);
        $this->do($run, 'wipe', 3)->assertSessionHasErrors('act');
        $this->get('/practice')->assertSee('Won on part 7.');
    }

    public function testALostLessonSaysWhyByItsFigures(): void
    {
        $run = $this->begin('matt', 3);
        foreach ([['spray', ['spray_amount' => '2', 'sheen' => 'matt']], ['wait', ['wait_amount' => '1440']], ['polish', ['polish_amount' => '6', 'compound' => 'finish']]] as $n => $act) {
            $this->do($run, $act[0], $n, $act[1])->assertSessionHasNoErrors();
        }
        $this->post("/practice/{$run->id}/finish");
        $this->get("/practice/{$run->id}")->assertSee('Not yet.')->assertSee('Polished matt. From 12 to')->assertSee('Only another coat takes that away.');
        self::assertFalse($run->fresh()?->won);
    }

    public function testBadActsAreRefusedAndTheSamePressTwiceIsOne(): void
    {
        $run = $this->begin('tack', 5);
        $this->do($run, 'mix', 0, ['mix_amount' => ''])->assertSessionHasErrors('mix_amount');
        $this->do($run, 'mix', 0, ['mix_amount' => '9000'])->assertSessionHasErrors('mix_amount');
        $this->do($run, 'sand', 0, ['sand_amount' => '5', 'grit' => '17', 'driven' => 'wet_block', 'zone' => 'top'])->assertSessionHasErrors('grit');
        $this->do($run, 'dance', 0)->assertSessionHasErrors('kind');
        $this->do($run, 'polish', 0, ['polish_amount' => '6', 'compound' => 'cut'])->assertSessionHasErrors('act');
        foreach ([1, 2] as $time) {
            $this->do($run, 'mix', 0, ['mix_amount' => '26']);
        }
        self::assertCount(1, $run->fresh()->moves ?? []);
        $this->post('/practice', ['lesson' => 'tack', 'seed' => 'x'])->assertSessionHasErrors('seed');
        $this->post('/practice', ['lesson' => 'juggling'])->assertSessionHasErrors('lesson');
    }

    public function testNobodyPlaysAnothersPart(): void
    {
        $run = $this->begin('tack', 5);
        $this->actingAs($this->makeUser($this->shop, 'bo@sample.example'));
        $this->get("/practice/{$run->id}")->assertForbidden();
        $this->do($run, 'wipe', 0)->assertForbidden();
        $this->post("/practice/{$run->id}/finish")->assertForbidden();
    }

    private function begin(string $lesson, int $seed): PracticeRun
    {
        $this->post('/practice', ['lesson' => $lesson, 'seed' => (string) $seed])->assertRedirect();

        return PracticeRun::query()->latest('id')->firstOrFail();
    }

    /** @param array<string, string> $more */
    private function do(PracticeRun $run, string $kind, int $after, array $more = []): TestResponse
    {
        return $this->post("/practice/{$run->id}/moves", ['kind' => $kind, 'after' => (string) $after] + $more);
    }
}
