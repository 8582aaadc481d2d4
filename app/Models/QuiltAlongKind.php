<?php

declare(strict_types=1);

namespace App\Models;

/** The usual kinds of quilt-along, as a beginning: each sets some switches, which can be set one by one afterwards. */
enum QuiltAlongKind: string
{
    case Mystery = 'mystery';
    case BlockOfTheMonth = 'block-of-the-month';
    case MonthlyMystery = 'monthly-mystery';
    case QuiltAsYouGo = 'quilt-as-you-go';
    case GroupQuilt = 'group-quilt';

    /** @return array{secret: bool, pace: string, quilted_by_block: bool, many_hands: bool, clue_word: string} */
    public function switches(): array
    {
        return [
            'secret' => $this === self::Mystery || $this === self::MonthlyMystery,
            'pace' => match ($this) {
                self::Mystery => 'weekly',
                self::GroupQuilt => 'own',
                default => 'monthly',
            },
            'quilted_by_block' => $this === self::QuiltAsYouGo,
            'many_hands' => $this === self::GroupQuilt,
            'clue_word' => match ($this) {
                self::Mystery, self::MonthlyMystery => 'clue',
                self::GroupQuilt => 'part',
                default => 'month',
            },
        ];
    }
}
