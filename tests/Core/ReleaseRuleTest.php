<?php

declare(strict_types=1);

use Dew\Core\Calendar\ReleasePace;
use Dew\Core\Calendar\ReleaseRule;
use Dew\Core\Calendar\ReleaseRuleException;
use Dew\Core\Calendar\ReleaseTime;

it('gives dates by rule', function (string $rule, array $dates): void {
    expect(ReleaseRule::parse($rule)->dates(count($dates)))->toBe($dates);
})->with([
    'daily' => ['daily from 2027-02-27', ['2027-02-27', '2027-02-28', '2027-03-01']],
    'weekly' => ['weekly from 2027-01-09', ['2027-01-09', '2027-01-16', '2027-01-23']],
    'every 2 weeks' => ['Every 2 weeks from 2027-01-09', ['2027-01-09', '2027-01-23', '2027-02-06']],
    'every 10 days' => ['every 10 days from 2027-01-09', ['2027-01-09', '2027-01-19']],
    'monthly' => ['monthly from 2027-01-31', ['2027-01-31', '2027-02-28', '2027-03-31', '2027-04-30']],
    'the last day of February in a leap year' => ['monthly from 2028-01-30', ['2028-01-30', '2028-02-29', '2028-03-30']],
    'the first Saturday' => ['first saturday from 2027-01-01', ['2027-01-02', '2027-02-06', '2027-03-06', '2027-04-03']],
    'the first Saturday, from a day behind it' => ['first saturday from 2027-01-03', ['2027-02-06', '2027-03-06']],
    'the third Tuesday' => ['third tuesday from 2027-01-01', ['2027-01-19', '2027-02-16']],
    'the last Friday' => ['last friday from 2027-01-01', ['2027-01-29', '2027-02-26', '2027-03-26', '2027-04-30']],
    'a week that is skipped' => ['weekly from 2027-01-09 skip 2027-01-14', ['2027-01-09', '2027-01-23']],
    'two weeks that are skipped' => ['weekly from 2027-01-09 skip 2027-01-14, 2027-01-20', ['2027-01-09', '2027-01-30']],
    'a list, put in order' => ['2027-03-01, 2027-02-01,2027-03-01', ['2027-02-01', '2027-03-01']],
]);

it('passes over months without a fifth Saturday', function (): void {
    expect(ReleaseRule::of(ReleasePace::Weekday, '2027-01-30')->dates(3))->toBe(['2027-01-30', '2027-05-29', '2027-07-31']);
});

it('says what is wrong with a rule, and how many dates there would be', function (string $rule, string $part, ?int $fits): void {
    try {
        ReleaseRule::parse($rule)->dates(4);
        expect(false)->toBeTrue();
    } catch (ReleaseRuleException $error) {
        expect([$error->part, $error->fits])->toBe([$part, $fits]);
    }
})->with([
    'no rule' => ['sometimes', 'rule', null],
    'no such day' => ['weekly from 2027-02-30', 'first', null],
    'no such weekday' => ['first holiday from 2027-01-01', 'rule', null],
    'a last date that comes too soon' => ['weekly from 2027-01-09 until 2027-01-25', 'last', 3],
    'a list that is too short' => ['2027-01-09, 2027-01-10', 'dates', 2],
    'nothing between' => ['every 0 days from 2027-01-09', 'every', null],
]);

it('shifts all later dates, and pulls them forward so that the last falls on a day', function (): void {
    $dates = ['2027-01-01', '2027-01-08', '2027-01-15', '2027-01-22', '2027-01-29'];
    expect(ReleaseRule::shifted($dates, 2, 7))->toBe(['2027-01-01', '2027-01-08', '2027-01-22', '2027-01-29', '2027-02-05'])
        ->and(ReleaseRule::shifted($dates, 4, -3))->toBe(['2027-01-01', '2027-01-08', '2027-01-15', '2027-01-22', '2027-01-26'])
        ->and(ReleaseRule::pulledForward($dates, 1, '2027-01-17'))->toBe([
            '2027-01-01',
            '2027-01-08',
            '2027-01-11',
            '2027-01-14',
            '2027-01-17',
        ])
        ->and(fn () => ReleaseRule::pulledForward($dates, 1, '2027-01-10'))->toThrow(ReleaseRuleException::class);
});

it('keeps the hour of the wall across a change of clocks', function (): void {
    $hours = array_map(
        fn (string $date): string => ReleaseTime::of($date, '09:00', 'Europe/Dublin')->instant->format('Y-m-d H:i'),
        ReleaseRule::parse('weekly from 2027-03-20')->dates(3),
    );
    expect($hours)->toBe(['2027-03-20 09:00', '2027-03-27 09:00', '2027-04-03 08:00']);
});
