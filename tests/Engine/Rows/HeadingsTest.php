<?php

use Fravel\Rows\Headings;

it('knows every name that the page about rows gives a column', function (): void {
    $page = (string) file_get_contents(dirname(__DIR__, 3).'/docs/rows.md');
    preg_match('/\| column \| is called \|\n\|---\|---\|\n(.+?)\n\n/s', $page, $table);
    $unknown = [];
    foreach (explode("\n", $table[1]) as $line) {
        [, $column, $called] = array_map(trim(...), explode('|', $line));
        foreach (explode(', ', $called) as $name) {
            $columns = Headings::in([mb_strtoupper($name), 'spare'], [$column, 'spare']);
            $columns === [$column, 'spare'] ?: $unknown[] = $name;
        }
    }
    expect($unknown)->toBe([]);
});
