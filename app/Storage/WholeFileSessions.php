<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions in files that are replaced as a whole: a server that is killed while it writes leaves the session as it was.
 */
final class WholeFileSessions extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        $this->files->replace($this->path.'/'.$sessionId, $data, 0o600);

        return true;
    }
}
