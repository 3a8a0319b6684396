<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Files\GdPhoto;
use App\Files\PhotoFile;
use App\Http\Requests\WeaveRequest;
use App\Inspection\FactOf;
use App\Models\Part;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use OakGloss\Fact\Kind\PrintRead;
use OakGloss\Geometry\Zone;
use OakGloss\Optics\WeavePrint;

/** A face is photographed in raking light, and how far its weave shows is read: of two photos the stronger counts. */
final class WeavePrintController
{
    public function __invoke(
        WeaveRequest $request,
        Part $part,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part->load(Part::PLAN_NEEDS));
        $zone = (string) $request->validated('weave_zone');
        self::checkZone($planned, $zone);
        $pitch = (float) $request->validated('pitch');
        $scale = $request->validated('scale') === null ? null : (float) $request->validated('scale');
        $best = null;
        foreach (['weave_photo', 'weave_other'] as $field) {
            $file = $request->file($field);
            $read = $file instanceof UploadedFile ? self::read($file, $field, $pitch, $scale) : null;
            $best = $read !== null && ($best === null || $read['print']->telegraph > $best['print']->telegraph) ? $read : $best;
        }
        if ($best === null) {
            throw ValidationException::withMessages(['weave_photo' => __('inspect.weave_needs')]);
        }
        $print = $best['print'];
        DB::transaction(function () use ($best, $print, $part, $user, $planned, $recorder, $zone, $pitch): void {
            $photo = FactOf::keepPhoto($part, $user, $best['picture'], $planned->floor);
            $photo->update(['reading' => self::onPicture($print, $best, $pitch)]);
            $recorder->record($part, $user, $planned->floor, FactOf::stepNow($planned), new PrintRead(
                $zone,
                round($print->telegraph, 5),
                round($print->doubt, 5),
                round($print->haze, 5),
                round($print->dotsShare, 6),
                $print->isLowerBound,
                $photo->id,
            ));
        });

        return redirect()->to(route('parts.inspect', $part).'#weave')->with('notice', __('inspect.weave_kept', [
            'percent' => number_format(100.0 * $print->telegraph, 1),
            'haze' => number_format(100.0 * $print->haze, 1),
            'dots' => number_format(100.0 * $print->dotsShare, 2),
        ]));
    }

    /**
     * @return array{print: WeavePrint, picture: array{bytes: string, width: int, height: int}, width: int}
     *
     * @throws ValidationException If it can't be opened, or tells nothing.
     */
    private static function read(UploadedFile $file, string $field, float $pitch, ?float $scale): array
    {
        $image = PhotoFile::open($file, $field);
        $native = $image->core()->native();
        if (! $native instanceof \GdImage) {
            throw new \LogicException('pictures are opened with GD');
        }
        $print = WeavePrint::of(GdPhoto::of($native, GdPhoto::qualityIn($file->getContent())), $pitch, $scale);
        if ($print->why !== null) {
            $why = __("inspect.weave_why.{$print->why}");

            throw ValidationException::withMessages([$field => __('inspect.weave_unusable', ['why' => $why])]);
        }
        $width = $image->width();

        return ['print' => $print, 'picture' => PhotoFile::small($image), 'width' => $width];
    }

    /**
     * What was found, in pixels of the picture as it is kept.
     *
     * @param array{picture: array{bytes: string, width: int, height: int}, width: int} $of
     *
     * @return array<string, mixed>
     */
    private static function onPicture(WeavePrint $print, array $of, float $pitch): array
    {
        $share = $of['picture']['width'] / $of['width'];

        return [
            'pitch_mm' => $pitch,
            'pitch_px' => round($pitch / $print->mmPerPx * $share, 2),
            'directions' => array_map(fn (float $d): float => round($d, 1), $print->directionsDeg),
            'dots' => array_map(fn (array $d): array => [
                'x' => round($d['x'] * $share, 1),
                'y' => round($d['y'] * $share, 1),
                'r' => round(max(4.0, 0.5 * $d['mm'] / $print->mmPerPx * $share), 1),
            ], array_slice($print->dots, 0, 400)),
        ];
    }

    private static function checkZone(PlannedPart $planned, string $zone): void
    {
        if (! in_array($zone, array_map(fn (Zone $z): string => $z->name, $planned->plan->brief->zones), true)) {
            throw ValidationException::withMessages(['weave_zone' => __('inspect.no_zone', ['zone' => $zone])]);
        }
    }
}
