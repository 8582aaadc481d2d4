<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

use Dew\Core\Measure\Measurement;

/** One thing that a sheet said before and says otherwise now. */
final readonly class SheetChange
{
    /** What a clue or a task says besides numbers, so that nobody cuts or sews otherwise for it. */
    public const WORDS = ['title', 'opening', 'name', 'minutes', 'words'];

    /** What is said in other words or drawn otherwise, while every number stays. */
    private const LOOKS = ['patches', 'steps'];

    /**
     * @param  string  $code  what changed: a word of {@see WORDS}, or `new`, `gone`, `count`, `chore`, `method`, `finished`, `unfinished`,
     *     `cloth`, `press` (how many seams lie the other way), `patches`, `steps`; of one piece `cut`, `quantity`, `piece-cloth`, `piece-shape`, `new-piece`, `gone-piece`
     * @param  list<Measurement|int|string>  $was  lengths, numbers or words; empty where there was nothing
     * @param  list<Measurement|int|string>  $is
     * @param  string|null  $piece  id of the piece it is about
     * @param  string|null  $label  the letter a pattern gives that piece
     * @param  list<string>  $slots  ids of the fabrics that the piece is cut from
     * @param  list<Measurement>  $sides  of the piece as it is cut now
     */
    public function __construct(
        public string $code,
        public array $was = [],
        public array $is = [],
        public ?string $piece = null,
        public ?string $label = null,
        public array $slots = [],
        public array $sides = [],
    ) {
    }

    /** Whether a person may have to do something about it. */
    public function matters(): bool
    {
        return ! in_array($this->code, self::WORDS, true);
    }

    /** Whether something that is cut, counted, trimmed to or pressed by changed. */
    public function isNumber(): bool
    {
        return $this->matters() && ! in_array($this->code, self::LOOKS, true);
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(): array
    {
        $plain = fn (Measurement|int|string $value): array|int|string => $value instanceof Measurement ? [$value->encode()] : $value;

        return array_filter([
            'code' => $this->code,
            'was' => array_map($plain, $this->was),
            'is' => array_map($plain, $this->is),
            'piece' => $this->piece,
            'label' => $this->label,
            'of' => $this->slots,
            'sides' => array_map($plain, $this->sides),
        ], fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @param  array<string, mixed>  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        /**
         * @var array{code: string, was?: list<array{string}|int|string>, is?: list<array{string}|int|string>, piece?: string,
         *     label?: string, of?: list<string>, sides?: list<array{string}>} $data
         */
        return new self(
            $data['code'],
            array_map(self::value(...), $data['was'] ?? []),
            array_map(self::value(...), $data['is'] ?? []),
            $data['piece'] ?? null,
            $data['label'] ?? null,
            $data['of'] ?? [],
            array_map(fn (array $side): Measurement => Measurement::decode($side[0]), $data['sides'] ?? []),
        );
    }

    /** @param  array{string}|int|string  $plain */
    private static function value(array|int|string $plain): Measurement|int|string
    {
        return is_array($plain) ? Measurement::decode($plain[0]) : $plain;
    }
}
