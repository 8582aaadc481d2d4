<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** Every mail of Dew: a subject, a few paragraphs and at most one thing to do, as HTML and as plain text from the same words. */
abstract class DewMail extends Mailable
{
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
