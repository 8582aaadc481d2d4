<?php

declare(strict_types=1);

namespace Dew\Bench;

use App\Actions\Host\PublishDesign;
use App\Actions\Member\JoinQuiltAlong;
use App\Models\QuiltAlong;
use App\Models\QuiltAlongKind;
use App\Models\Role;
use App\Models\User;
use App\Plans\Unreleased\SheetStore;
use Illuminate\Auth\SessionGuard;
use Illuminate\Console\Command;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** Fills a database of its own with a quilt-along late in its year, its members signed in: what `bin/dew bench web` measures. */
final class BenchWorld extends Command
{
    protected $signature = 'dew:bench-world
        {file : Where to write how everybody is signed in}
        {--members=1000 : How many}';

    protected $description = 'Make the quilt-along that the benchmark of the web measures';

    protected $hidden = true;

    public function handle(PublishDesign $publish, JoinQuiltAlong $join, SheetStore $sheets): int
    {
        if (User::query()->exists()) {
            $this->error(__('console.bench_not_empty'));

            return self::INVALID;
        }
        $quiltAlong = QuiltAlong::query()->create([
            'slug' => 'bench', 'name' => 'Bench', 'host_name' => 'Bench', 'zone' => 'UTC', ...QuiltAlongKind::BlockOfTheMonth->switches(),
        ]);
        $publish($quiltAlong, (string) file_get_contents(database_path('designs/kitchen-garden.json')));
        $quiltAlong->clues()->update(['release_at' => now()->subDay(), 'zone' => 'UTC', 'announced_at' => now()]);
        $announcement = $sheets->announcement($quiltAlong->version());
        $password = Hash::make(Str::random(20));
        $signedIn = [];
        for ($number = 0; $number <= (int) $this->option('members'); $number++) {
            $user = User::query()->forceCreate([
                'name' => "Member $number",
                'email' => "member-$number@bench.example",
                'password' => $password,
                'email_verified_at' => now(),
            ]);
            if ($number === 0) {
                $user->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => Role::Owner]);
            }
            $project = $number === 0 ? null : $join(
                $user,
                $quiltAlong,
                'Mine',
                (string) array_keys($announcement->sizes)[$number % count($announcement->sizes)],
                (string) array_keys($announcement->colourways)[$number % count($announcement->colourways)],
            );
            $signedIn[] = [...$this->session($user), 'quilt' => $project?->id];
        }
        $file = $this->argument('file');
        file_put_contents(is_string($file) ? $file : '', json_encode($signedIn, JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    /** @return array{cookie: string, token: string} */
    private function session(User $user): array
    {
        [$id, $token, $cookie] = [Str::random(40), Str::random(40), (string) config('session.cookie')];
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $user->id,
            'payload' => base64_encode(serialize(['_token' => $token, 'login_web_'.sha1(SessionGuard::class) => $user->id])),
            'last_activity' => now()->getTimestamp(),
        ]);
        $encrypter = Crypt::getFacadeRoot();
        $key = $encrypter instanceof Encrypter ? $encrypter->getKey() : '';

        $value = Crypt::encrypt(CookieValuePrefix::create($cookie, $key).$id, false);

        return ['cookie' => $cookie.'='.rawurlencode($value), 'token' => $token];
    }
}
