<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Tests\Support\Scripts;

/** What StoreScriptsTest is about: games, and ways to ask. */
final class StoreScriptsCases
{
    /**
     * A workshop's store before a server that answers as it is told: what was asked, what was told, and how the game stands.
     *
     * @param  list<array<string, mixed>|null>  $replies  to what is sent, in order; null for no connection
     * @param  string  $acts  what is done with `store`
     * @return array{game: array<string, mixed>, asked: list<array<string, mixed>>, keys: list<string>, told: list<array<int, mixed>>, revision: int}
     */
    public static function stored(array $replies, string $acts): array
    {
        $game = ['title' => 'Kept', 'start' => 'a', 'scenes' => [['id' => 'a', 'title' => 'A', 'things' => []]]];

        return Scripts::run('workshop/store.js', <<<JS
            (async () => {
                globalThis.window = { addEventListener() {} };
                globalThis.document = { cookie: '' };
                const [asked, keys] = [[], []];
                globalThis.fetch = async (address, options) => {
                    if (address.endsWith('/document')) return answer({ document: structuredClone(input.game), revision: 1, history: {} });
                    const { key, ...body } = JSON.parse(options.body);
                    keys.push(key);
                    asked.push({ path: address.split('/').pop(), ...body });
                    const reply = input.replies.shift();
                    if (reply === null) throw new Error('no connection');

                    return answer(reply.body, reply.status ?? 200);
                };
                const answer = (body, status = 200) => ({ status, headers: { get: () => 'application/json' }, json: async () => body });
                const store = module.openStore('/games/1');
                const told = [];
                for (const kind of ['saved', 'refused', 'aside']) store.news.addEventListener(kind, ({ detail }) => told.push([kind, detail]));
                await store.load();
                {$acts};
                await store.flushed();
                await new Promise((done) => setTimeout(done, 5));

                return { game: store.game, asked, keys, told, revision: store.revision };
            })()
            JS, ['game' => $game, 'replies' => $replies]);
    }

    /** @return array<string, mixed> */
    public static function taken(int $revision, mixed $applied = null): array
    {
        return ['body' => ['revision' => $revision, 'refusal' => null, 'applied' => $applied, 'history' => ['undo' => 'x', 'redo' => null]]];
    }
}
