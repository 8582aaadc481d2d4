<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\QuiltAlong;
use App\Plans\Unreleased\SheetStore;
use Illuminate\Validation\ValidationException;

/** The version of a quilt-along that people work from, held until the transaction ends, so that nothing chosen is taken out meanwhile. */
final readonly class HeldVersion
{
    public function __construct(private SheetStore $sheets)
    {
    }

    /** @throws ValidationException when the size is not offered (any more) */
    public function mustOffer(QuiltAlong $quiltAlong, string $size, string $field = 'size'): void
    {
        /** @var QuiltAlong $held */
        $held = QuiltAlong::query()->whereKey($quiltAlong->id)->sharedLock()->firstOrFail();
        if (! isset($this->sheets->announcement($held->version())->sizes[$size])) {
            throw ValidationException::withMessages([$field => __('join.unknown_size')]);
        }
    }
}
