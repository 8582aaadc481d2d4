<?php

declare(strict_types=1);

namespace Dew\Core\Making;

enum StepKind: string
{
    case Mark = 'mark';
    case Layer = 'layer';
    case Sew = 'sew';
    case Cut = 'cut';
    case Press = 'press';
    case Trim = 'trim';
    case Check = 'check';
}
