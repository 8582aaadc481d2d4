<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Wording\Host\PlaceName;
use App\Wording\Host\ValueText;
use Dew\Core\Draft\Difference;
use Dew\Core\Draft\DraftDocument;

/** What a difference of two designs says to the host. */
final class DifferenceSentence
{
    public static function of(Difference $difference, DraftDocument $old, DraftDocument $new): string
    {
        [$what, $part] = PlaceName::of($difference->place, $new, $old);

        return __('compare.'.($part === '' && $difference->kind === Difference::CHANGED ? 'changed_whole' : $difference->kind), [
            'what' => $what.($difference->kind === Difference::CHANGED || $part === '' ? '' : ", $part"),
            'part' => $part,
            'was' => ValueText::of($difference->was, $old, $new),
            'is' => ValueText::of($difference->is, $new, $old),
        ]);
    }
}
