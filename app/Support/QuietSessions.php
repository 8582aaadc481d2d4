<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Session\DatabaseSessionHandler;
use stdClass;

/** Sessions in the database that are not written again when nothing in them has changed and somebody was here within the last minute. */
final class QuietSessions extends DatabaseSessionHandler
{
    private const SECONDS = 60;

    /** @var array<string, array{string, int, int|null}> what was read, when it was last used and by whom, by session */
    private array $read = [];

    public function read($sessionId): string
    {
        /** @var stdClass $session */
        $session = (object) $this->getQuery()->find($sessionId);
        if ($this->expired($session)) {
            $this->exists = true;

            return '';
        }
        if (! isset($session->payload)) {
            return '';
        }
        $this->exists = true;
        $data = (string) base64_decode($session->payload, true);
        $this->read[$sessionId] = [$data, (int) $session->last_activity, $session->user_id === null ? null : (int) $session->user_id];

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        [$before, $used, $user] = $this->read[$sessionId] ?? [null, 0, null];
        if ($before === $data && $this->currentTime() - $used < self::SECONDS && $user === $this->userId()) {
            return true;
        }
        unset($this->read[$sessionId]);

        return parent::write($sessionId, $data);
    }
}
