<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Acts\NotRecorded;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Http\Response;

/** The script that a browser keeps for when the shop does not answer: its pages lie in it. */
final class WorkerController
{
    private const KEPT_S = 3600;

    public function __invoke(): Response
    {
        $shop = (string) json_encode([
            'page' => view('errors.no-answer', ['isPress' => true])->render(),
            'unread' => view('errors.no-answer', ['isPress' => false])->render(),
            'policy' => SecurityHeaders::POLICY,
            'besides' => NotRecorded::UNSPOKEN,
            'fields' => __('errors.fields'),
        ], JSON_HEX_TAG);

        return response("const shop = {$shop};\n".file_get_contents(resource_path('js/worker.js')))->withHeaders([
            'Content-Type' => 'text/javascript; charset=utf-8', 'Cache-Control' => 'public, max-age='.self::KEPT_S,
        ]);
    }
}
