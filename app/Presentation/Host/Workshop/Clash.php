<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Wording\Host\PlaceName;
use App\Wording\Host\ValueText;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/** Two people have changed the same thing: what it is, and both values, for the later one to choose. */
final readonly class Clash
{
    private function __construct(
        public string $what,
        public string $theirs,
        public string $mine,
    ) {
    }

    public static function of(EditConflict $conflict, DraftDocument $document): self
    {
        [$thing, $part] = PlaceName::of($conflict->place, $document);

        return new self(
            $part === '' ? $thing : "$thing, $part",
            self::text($conflict->there, $document),
            self::text($conflict->wanted, $document),
        );
    }

    /** A value as people read it: what lies in a place by its name. */
    private static function text(Value $value, DraftDocument $document): string
    {
        $inner = is_array($value->value) ? $value->value['unit'] ?? $value->value['block'] ?? null : $value->value;
        foreach (is_string($inner) ? ['units', 'blocks', 'fabrics'] : [] as $list) {
            $thing = $document->at(Place::of($list, $inner))->value;
            if (is_array($thing) && is_string($thing['name'] ?? null)) {
                $turn = is_array($value->value) && is_int($value->value['turn'] ?? null) ? $value->value['turn'] : 0;

                return $thing['name'].($turn === 0 ? '' : ' '.__('workshop.turned', ['degrees' => $turn]));
            }
        }

        return $value->exists ? ValueText::plain($value, $document) : __('workshop.nothing');
    }

    /** @return array{message: string, what: string, theirs: string, mine: string} */
    public function toArray(): array
    {
        return [
            'message' => __('workshop.clash', ['what' => $this->what, 'theirs' => $this->theirs, 'mine' => $this->mine]),
            'what' => $this->what,
            'theirs' => $this->theirs,
            'mine' => $this->mine,
        ];
    }
}
