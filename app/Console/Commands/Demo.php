<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Loads the demo data, or tells how to sign in to it. */
final class Demo extends Command
{
    protected $signature = 'dew:demo
        {--if-empty : Do nothing when anybody has an account}
        {--sign-ins : Only print the demo sign-ins, when they are there}
        {--world=* : Add one more quilt-along under each of these names, for browser tests}
        {--design=night-ferry : The design of those, by the name of its file in tests/designs}';

    protected $description = 'Load the demo data';

    public function handle(DemoSeeder $seeder): int
    {
        if ($this->option('sign-ins')) {
            return $this->signIns();
        }
        if ($this->option('if-empty') && User::query()->exists()) {
            return self::SUCCESS;
        }
        $worlds = array_filter($this->option('world'), is_string(...));
        foreach ($worlds as $world) {
            DB::transaction(fn () => $seeder->world($world, basename((string) $this->option('design'))));
        }
        if ($worlds === []) {
            DB::transaction(fn () => $seeder->run());
        }
        $this->info('Demo data loaded.');

        return self::SUCCESS;
    }

    private function signIns(): int
    {
        $there = User::query()->whereIn('email', array_keys(DemoSeeder::SIGN_INS))->pluck('email');
        if (config('dew.demo') !== true || $there->isEmpty()) {
            return self::SUCCESS;
        }
        $this->line('Demo sign-ins, all with the password '.DemoSeeder::PASSWORD.':');
        foreach ($there as $email) {
            $this->line(sprintf('  %-24s %s', $email, DemoSeeder::SIGN_INS[$email]));
        }

        return self::SUCCESS;
    }
}
