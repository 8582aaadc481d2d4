<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;

/** A file that is no picture, or larger than can be taken; the message says what to do. */
final class PictureRefused extends RuntimeException
{
}
