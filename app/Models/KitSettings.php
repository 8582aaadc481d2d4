<?php

declare(strict_types=1);

namespace App\Models;

use Dew\Core\Kits\KitKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\Notation;

/** Which kits a shop offers for a quilt-along, how many it keeps in reserve, and which bolts it has. */
final readonly class KitSettings
{
    /**
     * @param  list<KitKind>  $offered
     * @param  int  $reserve  in hundredths of what is ordered
     * @param  Length  $bolt  how long a new bolt is
     * @param  array<string, list<Length>>  $hand  bolts on hand, by the key of their cloth
     */
    public function __construct(
        public array $offered,
        public int $reserve,
        public Length $bolt,
        public array $hand,
    ) {
    }

    /** @param  array{offered?: list<string>, reserve?: int, bolt?: string, hand?: array<string, list<string>>}  $kept */
    public static function kept(array $kept, Notation $notation): self
    {
        return new self(
            array_values(array_filter(array_map(KitKind::tryFrom(...), $kept['offered'] ?? []))),
            $kept['reserve'] ?? 10,
            isset($kept['bolt']) ? Length::decode($kept['bolt']) : self::usualBolt($notation),
            array_map(fn (array $bolts): array => array_map(Length::decode(...), $bolts), $kept['hand'] ?? []),
        );
    }

    /** @return array{offered: list<string>, reserve: int, bolt: string, hand: array<string, list<string>>} plain data to keep */
    public function toArray(): array
    {
        return [
            'offered' => array_map(fn (KitKind $kind): string => $kind->value, $this->offered),
            'reserve' => $this->reserve,
            'bolt' => $this->bolt->encode(),
            'hand' => array_map(fn (array $bolts): array => array_map(fn (Length $bolt): string => $bolt->encode(), $bolts), $this->hand),
        ];
    }

    /** 12 yards, or 10 metres. */
    private static function usualBolt(Notation $notation): Length
    {
        return $notation === Notation::Centimetres ? LengthUnit::Centimetre->inInches()->times(1000) : Length::inches(432);
    }
}
