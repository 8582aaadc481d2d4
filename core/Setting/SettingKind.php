<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

enum SettingKind: string
{
    case Straight = 'straight';

    /** Blocks stand on their corners. */
    case OnPoint = 'on-point';
}
