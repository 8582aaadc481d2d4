<?php

declare(strict_types=1);

namespace App\Actions\Host;

use RuntimeException;

/** What a version was compiled for has changed while it was compiled. */
final class ChangedMeanwhile extends RuntimeException
{
}
