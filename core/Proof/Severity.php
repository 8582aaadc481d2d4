<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

enum Severity: string
{
    /** It cannot be sewn as it stands. */
    case Error = 'error';

    /** It can, but somebody will stumble. */
    case Warning = 'warning';

    /** Worth knowing. */
    case Note = 'note';
}
