<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use DateTimeInterface;
use Dew\Core\Compile\Compiler;
use Illuminate\Support\Facades\Cache;

/**
 * What takes long to calculate and is kept in the cache under what it was calculated from. Every kind of it is listed here with how long it
 * is kept and whether it holds words; nothing else names a key of the cache.
 */
enum Kept: string
{
    /** Pages of members, clue by clue. */
    case Drawn = 'drawn';

    /** The picture of a published quilt, and its facts. */
    case Design = 'design';

    /** How a clue is cut off bolts. */
    case Cutting = 'cutting';

    case JoinPlan = 'join-plan';

    /** Seams of somebody who has pressed some of them otherwise. */
    case MemberPressing = 'member-pressing';

    /** The pressing plan of a published quilt, as a host sees it. */
    case PressingPlan = 'pressing-plan';

    /** How the seams of a draft lie. */
    case DraftPressing = 'draft-pressing';

    /** How many pre-cuts would serve. */
    case Precuts = 'precuts';

    /** How many units a design has. */
    case Weight = 'weight';

    /** Open clues by two versions of a design. */
    case Changes = 'changes';

    /** How all units of a draft look, together and one by one. */
    case Looks = 'looks';

    case Look = 'look';

    /** How each kind of unit looks. */
    case Kinds = 'kinds';

    /** The blocks that ship with Dew. */
    case Library = 'library';

    case Block = 'block';

    case Unit = 'unit';

    case Quilt = 'quilt';

    case Cards = 'cards';

    case Column = 'column';

    case Meetings = 'meetings';

    case Work = 'work';

    /** What the work of a draft is calculated from, without its clues. */
    case Record = 'record';

    case Split = 'split';

    case Proof = 'proof';

    /** That a page which takes long was made once, so that all it needs is kept. */
    case Page = 'page';

    /** Grows when a class whose objects are kept changes its name or its properties: then nothing of before is read again. */
    private const FORM = 6;

    /**
     * The value for some content, made at its first use.
     *
     * @template T
     *
     * @param  array<array-key, mixed>  $of  all that it depends on, but for the language and the compiler
     * @param  Closure(): T  $make
     * @return T
     */
    public function remember(array $of, Closure $make): mixed
    {
        return Cache::remember($this->key($of), $this->until(), $make);
    }

    /**
     * Values for several contents, fetched together; those that are missing are made together.
     *
     * @template T
     *
     * @param  array<array-key, array<array-key, mixed>>  $ofs  what each depends on, by a name of its own
     * @param  Closure(list<array-key>): array<array-key, T>  $make  of the names that are missing, by name
     * @return array<array-key, T> by name, in their order; without those that could not be made
     */
    public function many(array $ofs, Closure $make): array
    {
        $keys = array_map($this->key(...), $ofs);
        /** @var array<string, T|null> $kept */
        $kept = $keys === [] ? [] : Cache::many(array_values(array_unique($keys)));
        $missing = array_keys(array_filter($keys, fn (string $key): bool => ($kept[$key] ?? null) === null));
        $made = $missing === [] ? [] : $make($missing);
        $new = [];
        foreach ($made as $name => $value) {
            $new[$keys[$name]] = $value;
        }
        if ($new !== []) {
            Cache::putMany($new, $this->until());
        }
        $values = [];
        foreach ($keys as $name => $key) {
            $value = $new[$key] ?? $kept[$key] ?? null;
            if ($value !== null) {
                $values[$name] = $value;
            }
        }

        return $values;
    }

    /** @param  array<array-key, mixed>  $of */
    public function get(array $of): mixed
    {
        return Cache::get($this->key($of));
    }

    /** @param  array<array-key, mixed>  $of */
    public function put(array $of, mixed $value): void
    {
        Cache::put($this->key($of), $value, $this->until());
    }

    /** @param  array<array-key, mixed>  $of */
    private function key(array $of): string
    {
        $words = $this->holdsWords() ? [app()->getLocale(), app(Words::class)->called(), app(Words::class)->notation()->value] : [];

        return $this->value.':'.hash('sha256', serialize([$of, $words, Compiler::REVISION, self::FORM]));
    }

    private function until(): DateTimeInterface
    {
        return now()->addDays(match ($this) {
            self::Drawn, self::Design, self::JoinPlan, self::DraftPressing, self::Page => 7,
            self::MemberPressing, self::PressingPlan, self::Precuts, self::Weight, self::Kinds, self::Library => 30,
            default => 2,
        });
    }

    /** Whether it depends on the language, on what the quilt-along at hand calls its clues and on what is measured in. */
    private function holdsWords(): bool
    {
        return ! in_array($this, [
            self::JoinPlan, self::MemberPressing, self::DraftPressing, self::Precuts, self::Weight, self::Changes, self::Looks, self::Look,
            self::Kinds, self::Cards, self::Meetings, self::Page,
        ], true);
    }
}
