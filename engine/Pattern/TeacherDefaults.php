<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** What a teacher usually wants of locks and scenes; an empty text leaves it to the interface. */
final readonly class TeacherDefaults
{
    /**
     * @param  int  $tries  after so many wrong tries there is a pause; 0 for none
     * @param  int  $wait  seconds
     * @param  string  $backdrop  asset that stands behind every scene; '' for none
     */
    public function __construct(
        public string $right = '',
        public string $wrong = '',
        public int $tries = 0,
        public int $wait = 20,
        public string $backdrop = '',
    ) {
    }

    /** @return array{tries: int, wait: int}|null */
    public function guard(): ?array
    {
        return $this->tries > 0 ? ['tries' => $this->tries, 'wait' => $this->wait] : null;
    }
}
