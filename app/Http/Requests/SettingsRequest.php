<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** How a quilt-along works, changed by its owner. */
final class SettingsRequest extends QuiltAlongRequest
{
}
