<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Letter;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** Stands in for a mail service: keeps each letter where the outbox page shows it. */
final class OutboxTransport extends AbstractTransport
{
    public function __toString(): string
    {
        return 'outbox';
    }

    protected function doSend(SentMessage $message): void
    {
        if (! config()->boolean('fravel.outbox')) {
            throw new TransportException('No mail service is set up, and there is no outbox.');
        }
        $original = $message->getOriginalMessage();
        if (! ($original instanceof Message)) {
            return;
        }
        $email = MessageConverter::toEmail($original);
        Letter::query()->create([
            'to' => implode(
                ', ',
                array_map(static fn (Address $address): string => $address->getAddress(), $email->getTo()),
            ),
            'subject' => (string) $email->getSubject(),
            'body' => (string) $email->getTextBody(),
        ]);
    }
}
