<?php

declare(strict_types=1);

namespace App\Plans;

use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A clue that was open, and that its host has withdrawn: nothing of it is shown any more, but those who come back to it are told why. */
final class ClueWithdrawn extends NotFoundHttpException
{
    public function __construct()
    {
        parent::__construct(__('clues.withdrawn_here'));
    }
}
