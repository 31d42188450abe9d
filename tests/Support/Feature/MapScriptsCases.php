<?php

declare(strict_types=1);

namespace Tests\Support\Feature;

use Tests\Support\Scripts;

/** What MapScriptsTest is about: games, and ways to ask. */
final class MapScriptsCases
{
    /** @return array<string, mixed> four scenes in a row; the second asks, the third wants a token, the last ends it */
    public static function fourScenes(): array
    {
        return [
            'start' => 'one', 'chapters' => [['id' => 'c', 'title' => 'Chapter', 'start' => 'one']], 'tokens' => [['id' => 'lens', 'name' => 'Lens', 'kind' => 'item'], ['id' => 'mark', 'name' => 'Mark', 'kind' => 'flag']],
            'scenes' => [
                ['id' => 'one', 'chapter' => 'c', 'title' => 'The first of all scenes', 'things' => [['id' => 'go', 'kind' => 'choice', 'md' => 'Go', 'react' => ['go' => 'two']]]],
                ['id' => 'two', 'chapter' => 'c', 'title' => 'Two', 'things' => [['id' => 'q', 'kind' => 'lock', 'ask' => 'Who?', 'rules' => [['match' => ['equals' => ['gull']], 'verdict' => 'open', 'do' => [['give' => 'lens'], ['give' => 'mark']], 'go' => 'three']], 'otherwise' => [['go' => 'one']]]]],
                ['id' => 'three', 'title' => 'Three', 'needs' => ['has' => 'lens'], 'things' => [], 'next' => [['go' => 'four']]],
                ['id' => 'four', 'title' => 'Four', 'things' => [], 'ending' => ['kind' => 'won', 'md' => '']],
                ['id' => 'alone', 'title' => 'Alone', 'things' => []],
            ],
        ];
    }

    /** The plan of a game, with the findings of a check. */
    public static function planOf(array $game, array $findings = []): array
    {
        return Scripts::run('workshop/chart/plan.js', 'module.plan(input.game, input.findings)', ['game' => $game, 'findings' => $findings]);
    }

    /**
     * Does something on the map of the four scenes, and gives the game after it with what was said of it.
     *
     * @return array{game: array<string, mixed>, label: string}
     */
    public static function onMap(string $act, ?array $game = null): array
    {
        $path = dirname(__DIR__, 3).'/resources/js/workshop';

        return Scripts::run('workshop/editor/scenes.js', "(async () => { const { apply } = await import('{$path}/editor/document.js'); const made = {}; const desk = { words: { newScene: 'New scene', newChoice: 'Go on', noChapter: 'no chapter', chapter: 'Chapter' }, store: { game: input, edit: (edits, label) => { made.label = label; made.edits = [edits].flat(); } } }; {$act}; made.game = made.edits.filter((edit) => !edit.deleteScene && !edit.duplicate).reduce(apply, input); return made; })()", $game ?? self::fourScenes());
    }

    /**
     * Places many scenes with ways between them in all directions and does the given acts on them one after the other: `hands`
     * (id → place), `more` (ways that are added, to scenes that may be new). Gives for each what lies over what.
     *
     * @param  list<array{hands?: array<string, list<int>>, more?: list<array{string, string}>}>  $acts
     * @return list<array{over: int, crossed: int, missing: int, at: array<string, list<int|float>>, same: int}>
     */
    public static function settledOf(int $count, array $acts): array
    {
        $path = dirname(__DIR__, 3).'/resources/js/workshop/chart';

        return Scripts::run('workshop/chart/settle.js', <<<JS
            (async () => {
                const [boxes, { channelLayout }] = await Promise.all([import('{$path}/boxes.js'), import('{$path}/channels.js')]);
                let seed = 11;
                const dice = (sides) => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) % sides;
                let ways = Array.from({ length: input.count - 1 }, (_, at) => [`s\${at}`, `s\${at + 1}`]).concat(Array.from({ length: input.count }, (_, at) => [`s\${at}`, `s\${dice(input.count)}`]));
                const drawing = () => ({ stations: [...new Set(ways.flat())].map((id) => ({ id })), tracks: [...new Map(ways.filter(([from, to]) => from !== to && !ways.some(([a, b]) => a === to && b === from && a < b)).map(([from, to]) => [`\${from}>\${to}`, { id: `\${from}>\${to}`, from, to }])).values()] });
                const room = (id) => ({ across: 40 + 13 * (id.length * 7 % 12), down: 21 + 17 * (id.length % 3) });
                const roomsOf = ({ stations }) => new Map(stations.map(({ id }) => [id, room(id)]));
                const laid = channelLayout(drawing(), roomsOf(drawing()));
                const settle = module.openSettlement();
                let [hands, before] = [new Map(), null];

                return [{}, ...input.acts].map((act) => {
                    hands = new Map([...hands, ...Object.entries(act.hands ?? {})]);
                    ways = [...ways, ...(act.more ?? [])];
                    const shown = drawing();
                    const placed = settle(laid, shown, hands, roomsOf(shown));
                    const all = [...placed.stations].flatMap(([id, at]) => boxes.boxesOf(id, at, room(id)));
                    const tree = boxes.boxesOnMap(all);
                    const over = all.filter((box) => tree.search(boxes.grown(box, -1)).some((other) => other.id !== box.id)).length;
                    const crossed = shown.tracks.filter((track) => boxes.stretchesOf(track.id, placed.tracks.get(track.id) ?? []).some((stretch) => tree.search(boxes.grown(stretch, -1)).some((box) => !box.isBody || ![track.from, track.to].includes(box.id)))).length;
                    const missing = shown.tracks.filter((track) => (placed.tracks.get(track.id) ?? []).length < 2).length;
                    const same = shown.tracks.filter((track) => placed.tracks.get(track.id) === before?.tracks.get(track.id)).length;
                    before = placed;

                    return { over, crossed, missing, same, tracks: shown.tracks.length, at: Object.fromEntries([...placed.stations].map(([id, { x, y }]) => [id, [x, y]])) };
                });
            })()
            JS, ['count' => $count, 'acts' => $acts]);
    }
}
