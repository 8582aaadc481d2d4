<?php

declare(strict_types=1);

use App\Wording\TimeRange;

it('says how long something takes in round numbers', function (array $minutes, string $text): void {
    expect(TimeRange::text($minutes))->toBe($text);
})->with([
    [[1524, 2540], '25 to 40 hours'], [[220, 390], '4 to 7 hours'], [[64, 96], '60 to 100 minutes'], [[18, 33], '20 to 35 minutes'],
    [[1, 2], 'about 5 minutes'], [[0, 0], 'no time'], [[1190, 1210], 'about 20 hours'],
]);

it('is short where there is little room', function (): void {
    expect(TimeRange::text([64, 96], true))->toBe('60–100 min')->and(TimeRange::text([220, 390], true))->toBe('4–7 h');
});
