<?php

declare(strict_types=1);

namespace App\Mail\Transport;

use App\Models\Post;
use LogicException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** Puts mail into the application's own post tray instead of sending it. */
final class TrayTransport extends AbstractTransport
{
    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        if (! $original instanceof Message) {
            throw new LogicException('The tray takes composed messages only.');
        }
        $email = MessageConverter::toEmail($original);
        foreach ($message->getEnvelope()->getRecipients() as $recipient) {
            Post::query()->create([
                'addressee' => mb_strtolower($recipient->getAddress()),
                'subject' => (string) $email->getSubject(),
                'html' => (string) $email->getHtmlBody(),
                'text' => (string) $email->getTextBody(),
            ]);
        }
    }

    public function __toString(): string
    {
        return 'tray';
    }
}
