<?php

declare(strict_types=1);

namespace App\Presentation\Member;

/** What a member's chart says of one fabric, in words. */
final readonly class ClothFacts
{
    /**
     * @param  string|null  $need  for the open clues; null when they cut nothing from it
     * @param  string|null  $whole  what was announced for the whole quilt
     * @param  bool  $isSaid  whether she has said what she has of it
     * @param  list<array{id: string, text: string, left: string|null, fields: array<string, string>}>  $rows  what she has
     * @param  list<string>  $short  sentences; empty where nothing is short
     * @param  string  $left  what is left once the open clues are cut
     * @param  list<array{number: int, title: string, short: bool}>  $plans  the clues that cut from it
     * @param  list<array{string, string, string, int, int}>  $counted  see {@see ClothChart::used()}
     * @param  string  $woven  the width of cloth that nobody measured
     */
    public function __construct(
        public string $slot,
        public ?string $need,
        public ?string $whole,
        public bool $isSaid,
        public array $rows,
        public array $short,
        public string $left,
        public array $plans,
        public array $counted,
        public string $woven,
        public string $margin,
        public int $variety,
    ) {
    }
}
