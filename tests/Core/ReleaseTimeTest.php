<?php

declare(strict_types=1);

use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Calendar\ReleaseTimeException;

it('finds the instant of a wall clock', function (string $date, string $time, string $zone, string $instant, bool $moved): void {
    $release = ReleaseTime::of($date, $time, $zone);

    expect($release->instant->format('Y-m-d H:i'))->toBe($instant)->and($release->movedForward)->toBe($moved);
})->with([
    'winter' => ['2027-01-09', '09:00', 'America/New_York', '2027-01-09 14:00', false],
    'summer, still 09:00' => ['2027-07-10', '09:00', 'America/New_York', '2027-07-10 13:00', false],
    'an hour the clocks skip' => ['2027-03-14', '02:30', 'America/New_York', '2027-03-14 07:30', true],
    'an hour the clocks show twice' => ['2027-11-07', '01:30', 'America/New_York', '2027-11-07 05:30', false],
    'just after it' => ['2027-11-07', '02:00', 'America/New_York', '2027-11-07 07:00', false],
    'twice in Dublin' => ['2027-10-31', '01:15', 'Europe/Dublin', '2027-10-31 00:15', false],
    'twice by half an hour, Lord Howe' => ['2027-04-04', '01:45', 'Australia/Lord_Howe', '2027-04-03 14:45', false],
    'a quarter-hour zone' => ['2027-05-01', '09:00', 'Asia/Kathmandu', '2027-05-01 03:15', false],
]);

it('keeps the wall clock it was given and finds it again', function (): void {
    $release = ReleaseTime::of('2027-03-14', '02:30', 'America/New_York');

    expect([$release->date, $release->time])->toBe(['2027-03-14', '02:30'])
        ->and($release->local()->format('H:i'))->toBe('03:30')
        ->and(ReleaseTime::at($release->instant, 'Europe/Dublin')->time)->toBe('07:30');
});

it('names the part that does not exist', function (string $date, string $time, string $zone, string $part): void {
    try {
        ReleaseTime::of($date, $time, $zone);
        $this->fail('It was taken.');
    } catch (ReleaseTimeException $error) {
        expect($error->part)->toBe($part);
    }
})->with([
    [
        '2027-02-30',
        '09:00',
        'UTC',
        'date',
    ], ['tomorrow', '09:00', 'UTC', 'date'], ['2027-02-03', '24:00', 'UTC', 'time'], ['2027-02-03', '9', 'UTC', 'time'],
    ['2027-02-03', '09:00', 'Mars/Olympus', 'zone'], ['2027-02-03', '09:00', '+05:00', 'zone'],
]);
