<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Host\PublishDesign;
use App\Mail\Address;
use App\Models\Invitation;
use App\Models\QuiltAlong;
use App\Models\QuiltAlongKind;
use App\Models\Role;
use App\Models\User;
use Dew\Core\Document\DocumentException;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use LogicException;

/** Makes a quilt-along and its owner where nobody can do so on screen yet, as on a new machine. */
final class MakeHost extends Command
{
    protected $signature = 'dew:host
        {email : The owner\'s address}
        {--name= : The owner\'s name}
        {--quilt-along= : What the quilt-along is called}
        {--host= : The shop or guild; the owner\'s name without it}
        {--kind=mystery : mystery, block-of-the-month, monthly-mystery, quilt-as-you-go or group-quilt}
        {--zone=UTC : The time zone of its releases, such as Europe/Dublin}
        {--design= : A design file to publish}';

    protected $description = 'Make a quilt-along and its owner, and a link by which she chooses her password';

    public function handle(PublishDesign $publish): int
    {
        $given = [
            'email' => $this->argument('email'),
            ...array_map(fn (mixed $value): mixed => $value === '' ? null : $value, $this->options()),
        ];
        $errors = Validator::make($given, [
            'email' => ['required', 'string', 'email', 'max:255'],
            'name' => ['required', 'string', 'max:80'],
            'quilt-along' => ['required', 'string', 'max:80'],
            'host' => ['nullable', 'string', 'max:80'],
            'kind' => ['required', Rule::enum(QuiltAlongKind::class)],
            'zone' => ['required', 'timezone:all'],
            'design' => ['required', 'string', fn (string $name, mixed $file, callable $fail) => is_string($file) && is_readable($file)
                ? null
                : $fail(__('console.no_file', ['file' => is_string($file) ? $file : '']))],
        ])->errors()->all();
        foreach ($errors as $error) {
            $this->error($error);
        }
        if ($errors !== []) {
            return self::INVALID;
        }
        try {
            [$quiltAlong, $owner] = DB::transaction(fn (): array => $this->make($given, $publish));
        } catch (DocumentException $error) {
            $this->error($error->getMessage());

            return self::INVALID;
        }
        $code = $quiltAlong->invitations()->firstOrFail();
        $this->info(__('console.host_made', ['name' => $quiltAlong->name, 'address' => Address::of('host.desk', [$quiltAlong])]));
        $this->line(__('console.join_code', ['code' => $code->spaced()]));
        $this->line(__('console.choose_password', ['address' => Address::of('password.reset', [
            'token' => $this->token($owner),
            'email' => $owner->email,
        ])]));

        return self::SUCCESS;
    }

    private function token(User $owner): string
    {
        $broker = Password::broker();

        return $broker instanceof PasswordBroker
            ? $broker->createToken($owner)
            : throw new LogicException('There is no broker of passwords.');
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array{QuiltAlong, User}
     */
    private function make(array $given, PublishDesign $publish): array
    {
        $owner = User::query()->where('email', mb_strtolower((string) $given['email']))->first() ?? new User;
        if (! $owner->exists) {
            // Nobody knows this password: she chooses hers by the link.
            $owner->forceFill([
                'name' => $given['name'],
                'email' => $given['email'],
                'password' => Str::random(60),
                'email_verified_at' => now(),
            ])->save();
        }
        $slug = Str::slug((string) $given['quilt-along']) ?: 'quilt-along';
        $quiltAlong = QuiltAlong::query()->create([
            'slug' => QuiltAlong::query()->where('slug', $slug)->exists() ? $slug.'-'.Str::lower(Str::random(4)) : $slug,
            'name' => $given['quilt-along'],
            'host_name' => $given['host'] ?? $given['name'],
            'zone' => $given['zone'],
            ...QuiltAlongKind::from((string) $given['kind'])->switches(),
        ]);
        $owner->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => Role::Owner]);
        $quiltAlong->invitations()->create(['code' => Invitation::newCode()]);
        $publish($quiltAlong, (string) file_get_contents((string) $given['design']));

        return [$quiltAlong, $owner];
    }
}
