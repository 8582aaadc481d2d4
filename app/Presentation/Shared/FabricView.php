<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Drawing\Ink;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Slot;

/** A fabric slot with the cloth that stands for it, and what is cut from it. */
final readonly class FabricView
{
    /** @param  list<CutLine>  $lines */
    public function __construct(
        public string $slot,
        public string $letter,
        public string $name,
        public string $value,
        public string $cloth,
        public string $colour,
        public string $ink,
        public array $lines,
        public ?string $later = null,
        public bool $isOwn = false,
        public string $drawn = '',
        public ?Cloth $instead = null,
        public string $fill = '',
    ) {
    }

    /**
     * @param  list<CutLine>  $lines
     * @param  string|null  $later  until when it may be left open, in words
     * @param  bool  $isOwn  whether the cloth is the member's own and not the colourway's
     * @param  string  $drawn  lines that are drawn already, as HTML
     * @param  Cloth|null  $instead  of an optional fabric: the cloth that may take its place
     */
    public static function of(
        Slot $slot,
        Cloth $cloth,
        array $lines,
        ?string $later = null,
        bool $isOwn = false,
        string $drawn = '',
        ?Cloth $instead = null,
    ): self {
        return new self(
            $slot->id,
            $slot->letter,
            $slot->name,
            $slot->value->value,
            $cloth->name,
            $cloth->colour,
            Ink::on($cloth->colour),
            $lines,
            $later,
            $isOwn,
            $drawn,
            $instead,
            $cloth->fill(),
        );
    }
}
