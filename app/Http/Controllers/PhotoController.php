<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Photo;
use Illuminate\Http\Response;

/** A photo, for who may see its part. */
final class PhotoController
{
    public function __invoke(Photo $photo): Response
    {
        return response($photo->bytes, 200, [
            'Content-Type' => 'image/jpeg',
            'Content-Length' => (string) strlen($photo->bytes),
            'Cache-Control' => 'private, max-age=86400, immutable',
            'Content-Disposition' => 'inline; filename="photo-'.$photo->id.'.jpg"',
        ]);
    }
}
