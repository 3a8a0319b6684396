<?php

declare(strict_types=1);

namespace App\Acts;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response as LaravelResponse;
use Symfony\Component\HttpFoundation\Response;

/** An act that was answered with a refusal: thrown out of its transaction, so that nothing of it stays. */
final class Undone extends \RuntimeException
{
    public function __construct(public readonly Response $response)
    {
        parent::__construct('refused');
    }

    /** What the answer was made of; null of one that was no exception. */
    public function why(): ?\Throwable
    {
        $of = $this->response;

        return $of instanceof LaravelResponse || $of instanceof RedirectResponse || $of instanceof JsonResponse ? $of->exception : null;
    }

    /** What of the database failed, if that is why. */
    public function databaseFailure(): ?\PDOException
    {
        $why = $this->why();
        while ($why !== null && ! $why instanceof \PDOException) {
            $why = $why->getPrevious();
        }

        return $why;
    }
}
