<?php

declare(strict_types=1);

// Whether a database can be used: called with its path before anything is started. Says what is wrong; changes nothing.

$path = $argv[1] ?? '';
$tell = static function (string $what) use ($path): never {
    fwrite(STDERR, "The database {$path} {$what}\nIt was left as it is. Put a copy of before in its place, "
        ."or begin anew with --fresh, which deletes it.\n");
    exit(1);
};
if (! file_exists($path)) {
    file_exists("{$path}-wal") && $tell('is gone, but what was written last to it is still there.');
    exit(0);
}
if (filesize($path) === 0) {
    $tell('is empty, though there was one.');
}
try {
    $database = new PDO("sqlite:{$path}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    $asked = $database->query('PRAGMA quick_check(1)');
    $found = $asked === false ? 'it answers nothing' : $asked->fetchColumn();
} catch (PDOException $failure) {
    $tell("can't be read: {$failure->getMessage()}.");
}
$found === 'ok' || $tell("is damaged: {$found}.");
