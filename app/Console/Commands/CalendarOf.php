<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Support\CalendarFile;
use App\Support\RuleMessage;
use DateTimeImmutable;
use Dew\Core\Calendar\ReleaseRule;
use Dew\Core\Calendar\ReleaseRuleException;
use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Calendar\ReleaseTimeException;
use Illuminate\Console\Command;

/** Prints the dates that a rule gives, with the hour on the wall and the instant it means; or an iCalendar file of them. */
final class CalendarOf extends Command
{
    private const MOST = 60;

    protected $signature = 'dew:calendar
        {rule : Such as "weekly from 2027-01-09" or "first saturday from 2027-01-01 skip 2027-04-03"}
        {--clues=8 : How many dates}
        {--time=09:00 : The hour on the wall}
        {--zone=UTC : A named time zone}
        {--ics : Print an iCalendar file}';

    protected $description = 'Print the dates that a rule gives';

    public function handle(): int
    {
        $given = $this->argument('rule');
        $clues = $this->option('clues');
        $count = is_string($clues) && preg_match('/^\d{1,2}$/', $clues) === 1 ? (int) $clues : 0;
        if ($count < 1 || $count > self::MOST) {
            $this->error(__('calendar.no_number', ['most' => self::MOST]));

            return self::INVALID;
        }
        try {
            $times = array_map(
                fn (string $date): ReleaseTime => ReleaseTime::of($date, (string) $this->text('time'), (string) $this->text('zone')),
                ReleaseRule::parse(is_string($given) ? $given : '')->dates($count),
            );
        } catch (ReleaseRuleException $error) {
            $this->error(RuleMessage::of($error));

            return self::INVALID;
        } catch (ReleaseTimeException $error) {
            $this->error(__('clues.errors.'.$error->part));

            return self::INVALID;
        }
        if ($this->option('ics')) {
            $file = new CalendarFile(__('calendar.file'));
            foreach ($times as $number => $time) {
                $file->add(
                    sprintf('%s-%d@dew', $time->date, $number + 1), __('calendar.clue', ['number' => $number + 1]), $time->instant,
                    new DateTimeImmutable('1970-01-01'),
                );
            }
            $this->output->write($file->text());

            return self::SUCCESS;
        }
        foreach ($times as $number => $time) {
            $this->line(sprintf(
                '%2d  %s %s  %s%s', $number + 1, $time->local()->format('D Y-m-d'), $time->local()->format('H:i'),
                $time->instant->format('Y-m-d\TH:i\Z'), $time->movedForward ? '  '.__('calendar.moved_forward', ['asked' => $time->time]) : '',
            ));
        }

        return self::SUCCESS;
    }

    private function text(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }
}
