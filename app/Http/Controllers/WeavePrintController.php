<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Acts\ActRunner;
use App\Bench\Recorder;
use App\Files\GdPhoto;
use App\Files\PhotoFile;
use App\Files\Upright;
use App\Http\Requests\WeaveRequest;
use App\Inspection\FactOf;
use App\Models\Part;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use OakGloss\Fact\Kind\PrintRead;
use OakGloss\Geometry\Zone;
use OakGloss\Optics\WeavePrint;
use Symfony\Component\HttpFoundation\Response;

/** A face is photographed in raking light, and how far its weave shows is read: of two photos the stronger counts. */
final class WeavePrintController
{
    public function __invoke(
        WeaveRequest $request,
        Part $part,
        Planner $planner,
        Recorder $recorder,
        ActRunner $acts,
        #[CurrentUser] User $user,
    ): Response {
        $zone = (string) $request->validated('weave_zone');
        self::checkZone($planner->plan($part), $zone);
        $pitch = (float) $request->validated('pitch');
        $scale = $request->validated('scale') === null ? null : (float) $request->validated('scale');
        $best = null;
        foreach (['weave_photo', 'weave_other'] as $field) {
            $file = $request->file($field);
            $read = $file instanceof UploadedFile ? PhotoFile::inTurn(fn (): array => self::read($file, $field, $pitch, $scale)) : null;
            $best = $read !== null && ($best === null || $read['print']->telegraph > $best['print']->telegraph) ? $read : $best;
        }
        if ($best === null) {
            throw ValidationException::withMessages(['weave_photo' => __('inspect.weave_needs')]);
        }
        $print = $best['print'];

        $keep = function () use ($best, $print, $part, $user, $planner, $recorder, $zone, $pitch): RedirectResponse {
            $planned = $planner->plan($part);
            self::checkZone($planned, $zone);
            $photo = FactOf::keepPhoto($part, $user, $best['picture'], $planned->floor);
            $photo->update(['reading' => self::onPicture($print, $best['upright'], $pitch)]);
            $recorder->record($part, $user, $planned->floor, FactOf::stepNow($planned), new PrintRead(
                $zone,
                round($print->telegraph, 5),
                round($print->doubt, 5),
                round($print->haze, 5),
                round($print->dotsShare, 6),
                $print->isLowerBound,
                $photo->id,
            ));

            return redirect()->to(route('parts.inspect', $part).'#weave')->with('notice', __('inspect.weave_kept', [
                'percent' => number_format(100.0 * $print->telegraph, 1),
                'haze' => number_format(100.0 * $print->haze, 1),
                'dots' => number_format(100.0 * $print->dotsShare, 2),
            ]));
        };

        return $acts->run($request, $user, $keep);
    }

    /**
     * @return array{print: WeavePrint, picture: array{bytes: string, width: int, height: int}, upright: Upright}
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
        [$width, $height, $orientation] = [$image->width(), $image->height(), (int) ($image->exif('IFD0.Orientation') ?? 1)];
        $picture = PhotoFile::small($image);
        $share = max($picture['width'], $picture['height']) / max($width, $height);

        return ['print' => $print, 'picture' => $picture, 'upright' => new Upright($orientation, $width, $height, $share)];
    }

    /**
     * What was found, in pixels of the picture as it is kept.
     *
     * @return array<string, mixed>
     */
    private static function onPicture(WeavePrint $print, Upright $upright, float $pitch): array
    {
        return [
            'pitch_mm' => $pitch,
            'pitch_px' => round($upright->pixels($pitch / $print->mmPerPx), 2),
            'directions' => array_map(fn (float $d): float => round($upright->direction($d), 1), $print->directionsDeg),
            'dots' => array_map(function (array $d) use ($upright, $print): array {
                [$x, $y] = $upright->point($d['x'], $d['y']);

                return [
                    'x' => round($x, 1),
                    'y' => round($y, 1),
                    'r' => round(max(4.0, $upright->pixels(0.5 * $d['mm'] / $print->mmPerPx)), 1),
                ];
            }, array_slice($print->dots, 0, 400)),
        ];
    }

    private static function checkZone(PlannedPart $planned, string $zone): void
    {
        if (! in_array($zone, array_map(fn (Zone $z): string => $z->name, $planned->plan->brief->zones), true)) {
            throw ValidationException::withMessages(['weave_zone' => __('inspect.no_zone', ['zone' => $zone])]);
        }
    }
}
