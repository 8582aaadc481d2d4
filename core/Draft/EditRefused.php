<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use RuntimeException;

/** An edit that cannot mean anything in this document. The message says why, and what to do instead. */
final class EditRefused extends RuntimeException
{
}
