<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

enum SettingKind: string
{
    case Straight = 'straight';

    /** Blocks stand on their corners. */
    case OnPoint = 'on-point';

    /** Rows of 60° triangles, point up and point down in turn, and of diamonds; half triangles at their ends. */
    case Sixty = 'sixty';
}
