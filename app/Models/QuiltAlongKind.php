<?php

declare(strict_types=1);

namespace App\Models;

enum QuiltAlongKind: string
{
    case Mystery = 'mystery';
    case BlockOfTheMonth = 'block-of-the-month';
    case GroupQuilt = 'group-quilt';
}
