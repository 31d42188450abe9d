<?php

declare(strict_types=1);

// Draws what teachers mean, writes it as rows, builds it by patterns and worksheets, and plays what was built against
// what was meant. A lie is where the two differ.

require __DIR__.'/../vendor/autoload.php';

use Tests\Support\Lies\Campaign;

ini_set('memory_limit', '1G');
$options = getopt('', ['draws:', 'seed:']);
$draws = max(1, min(1_000_000, (int) ($options['draws'] ?? 500)));
$seed = max(0, (int) ($options['seed'] ?? random_int(1, 1_000_000_000)));
echo "{$draws} draws from seed {$seed} on.\n";
$found = 0;
for ($at = 0; $at < $draws; $at++) {
    foreach (Campaign::draw($seed + $at) as $lie) {
        $found++;
        $found > 20 ?: print "{$lie}\n\n";
    }
}
echo "{$draws} draws, {$found} lies.\n";
exit($found > 0 ? 1 : 0);
