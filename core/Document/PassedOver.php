<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use RuntimeException;

/** Something names what has faults of its own, which were complained of where they stand. */
final class PassedOver extends RuntimeException
{
}
