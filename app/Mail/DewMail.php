<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Queue\SerializesModels;

/** Every mail of Dew: a subject, a few paragraphs and at most one thing to do, as HTML and as plain text from the same words. It
 * is queued, encrypted since it may hold a link that is worth a password, so that no page waits for it. */
abstract class DewMail extends Mailable implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;
    use SerializesModels;

    abstract protected function subjectLine(): string;

    /** @return list<string> */
    abstract protected function paragraphs(): array;

    /** @return array{string, string}|null label and address */
    protected function action(): ?array
    {
        return null;
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->subjectLine());
    }

    public function content(): Content
    {
        return new Content(view: 'mail.letter', text: 'mail.letter-text', with: [
            'heading' => $this->subjectLine(),
            'paragraphs' => $this->paragraphs(),
            'action' => $this->action(),
        ]);
    }
}
