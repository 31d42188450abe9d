<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Support\Node;
use Fravel\Support\Problem;
use Fravel\Support\Problems;

/** Whether a document has the shape of a game, and whether everything it names is there. */
final class Validation
{
    /**
     * Shape only: what an editor or the engine can work with. A draft with open ends passes.
     *
     * @param  array<array-key, mixed>  $document
     * @return list<Problem>
     */
    public static function ofShape(array $document): array
    {
        $problems = new Problems();
        $root = Node::root($document, $problems);
        if (($document['fravel'] ?? null) !== 1) {
            $problems->add('version.unknown', '/fravel');
        }
        foreach (['title', 'start'] as $key) {
            if (! is_string($document[$key] ?? null)) {
                $root->at($key)->wrong('text');
            }
        }
        $root->text('language', 'en');
        self::readParts($root);
        foreach (Ids::in($document) as $id => $pointers) {
            foreach (array_slice($pointers, 1) as $pointer) {
                $problems->add('id.twice', $pointer, ['id' => $id, 'first' => $pointers[0]]);
            }
        }

        Bounds::tell($document, $problems);

        return $problems->all();
    }

    /**
     * Names of parts that are not there. The document must have passed ofShape().
     *
     * @param  array<array-key, mixed>  $document
     * @return list<Problem>
     */
    public static function ofReferences(array $document): array
    {
        $game = GameDocument::of($document);
        $problems = [];
        foreach (References::in($document) as $reference) {
            if ($reference->fits($game->kindOf($reference->id))) {
                continue;
            }
            $code = $reference->isRoute ? 'route.missing' : 'reference.missing';
            $problems[] = new Problem($code, $reference->pointer(), [
                'id' => $reference->id,
                'kind' => $reference->kind,
            ]);
        }

        return $problems;
    }

    private static function readParts(Node $root): void
    {
        $readers = [
            'chapters' => Chapter::read(...),
            'tokens' => Token::read(...),
            'tallies' => Tally::read(...),
            'assets' => Asset::read(...),
            'walkthroughs' => Walkthrough::read(...),
            'scenes' => Scene::read(...),
        ];
        foreach ($readers as $key => $read) {
            array_map($read, $root->list($key));
        }
    }
}
