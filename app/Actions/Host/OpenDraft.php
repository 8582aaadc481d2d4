<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\DesignVersion;
use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\Documents;

/** Finds the draft of a quilt-along. */
final class OpenDraft
{
    /**
     * Where there is no draft yet, it begins with what was published last.
     *
     * @throws MisformedDraft when an earlier release took what no page can show
     */
    public static function of(QuiltAlong $quiltAlong): Draft
    {
        $draft = self::asItIs($quiltAlong);

        return $draft->faults === null ? $draft : throw new MisformedDraft($draft);
    }

    /** The draft, also one that no page can show. */
    public static function asItIs(QuiltAlong $quiltAlong): Draft
    {
        $draft = Draft::query()->whereBelongsTo($quiltAlong)->first();
        if ($draft === null) {
            $published = DesignVersion::query()->findOrFail($quiltAlong->version());
            // Two who come at one moment begin one.
            $draft = $quiltAlong->draft()->createOrFirst([], [
                'document' => Documents::begun($published), 'number' => 0,
            ]);
        }
        $draft->setRelation('quiltAlong', $quiltAlong);

        return $draft;
    }
}
