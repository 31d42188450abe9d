<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use SensitiveParameter;

/** Connects to SQLite with immediate transactions, and leaves none open behind a request that died. */
final class ImmediateConnector extends SQLiteConnector
{
    /**
     * @param  string  $dsn
     * @param  string|null  $username
     * @param  string|null  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): PDO
    {
        // A connection that could only read when it was made would only read for as long as its process lives.
        if (! is_writable(substr($dsn, strlen('sqlite:')))) {
            unset($options[PDO::ATTR_PERSISTENT]);
        }
        $pdo = new ImmediatePdo($dsn, $username, $password, $options);
        if (($options[PDO::ATTR_PERSISTENT] ?? false) === true) {
            register_shutdown_function(static fn () => $pdo->inTransaction() && $pdo->rollBack());
        }

        return $pdo;
    }

    /**
     * All in one statement: each action of a student connects.
     *
     * @param  PDO  $connection
     * @param  array<string, mixed>  $config
     */
    protected function configurePragmas($connection, array $config): void
    {
        /** @var array<string, int|string> $pragmas */
        $pragmas = $config['pragmas'];
        $connection->exec(
            implode(
                ';',
                array_map(
                    static fn (string $name, int|string $value): string => "pragma {$name} = {$value}",
                    array_keys($pragmas),
                    $pragmas,
                ),
            ),
        );
    }
}
