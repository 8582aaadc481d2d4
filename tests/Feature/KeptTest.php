<?php

declare(strict_types=1);

use App\Support\Kept;
use App\Support\Words;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** @return list<string> the keys of the cache, without what else is in it */
function keptKeys(): array
{
    return DB::table('cache')->where('key', 'like', '%:________________________________________________________________')->orderBy('key')
        ->pluck('key')->all();
}

beforeEach(fn () => Cache::setDefaultDriver('database'));

it('makes a value once for what it depends on', function (): void {
    $made = 0;
    $make = function () use (&$made): int {
        return ++$made;
    };
    expect(Kept::Unit->remember(['a', 1], $make))->toBe(1)
        ->and(Kept::Unit->remember(['a', 1], $make))->toBe(1)
        ->and(Kept::Unit->remember(['a', 2], $make))->toBe(2)
        ->and(Kept::Quilt->remember(['a', 1], $make))->toBe(3)
        ->and(keptKeys())->toHaveCount(3);
});

it('keeps words for each language and each word for a clue, and numbers for all', function (): void {
    $make = fn (): string => app()->getLocale().app(Words::class)->called();
    $before = [Kept::Proof->remember(['d'], $make), Kept::Meetings->remember(['d'], $make)];
    app(Words::class)->call('month');
    expect(Kept::Proof->remember(['d'], $make))->toBe('enmonth')->not->toBe($before[0])
        ->and(Kept::Meetings->remember(['d'], $make))->toBe($before[1]);
    app()->setLocale('de');
    expect(Kept::Proof->remember(['d'], $make))->toBe('demonth')
        ->and(Kept::Meetings->remember(['d'], $make))->toBe($before[1]);
});

it('makes of several only those that are missing, asks for all in one query and keeps their order', function (): void {
    Kept::Block->put(['two'], '2');
    $asked = [];
    DB::enableQueryLog();
    $values = Kept::Block->many(['x' => ['one'], 'y' => ['two'], 'z' => ['three']], function (array $missing) use (&$asked): array {
        $asked[] = $missing;

        return ['z' => '3'];
    });
    $reads = array_filter(array_column(DB::getQueryLog(), 'query'), fn (string $query): bool => str_starts_with($query, 'select'));

    expect($values)->toBe(['y' => '2', 'z' => '3'])
        ->and($asked)->toBe([['x', 'z']])
        ->and($reads)->toHaveCount(1)
        ->and(Kept::Block->many([], fn (): array => throw new LogicException('nothing is missing')))->toBe([])
        ->and(Kept::Block->get(['three']))->toBe('3')
        ->and(Kept::Block->get(['one']))->toBeNull();
});

it('forgets after as many days as each kind is kept', function (): void {
    Kept::Record->put(['d'], 'short');
    Kept::Weight->put(['d'], 'long');
    $this->travel(3)->days();
    expect(Kept::Record->get(['d']))->toBeNull()->and(Kept::Weight->get(['d']))->toBe('long');
    $this->travel(30)->days();
    expect(Kept::Weight->get(['d']))->toBeNull();
});
