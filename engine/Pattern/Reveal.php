<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** Covers over what is hidden, to be lifted one by one. */
final class Reveal implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'reveal';
    }

    public function fields(): array
    {
        return [Field::line('title'), Field::table('cards', ['front', 'back'])];
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $cards = $content->table('cards', 2, ['front']);
        $covers = array_map(
            static fn (array $card): array => [
                'id' => $builder->id('cover'),
                'kind' => 'cover',
                'label' => $card[0],
                'front' => ['md' => $card[0]],
                'back' => ['md' => $card[1]],
                'opens' => 'tap',
                'toggle' => true,
            ],
            $cards,
        );
        $builder->scene(
            $builder->id('board'),
            $content->text('title') === '' ? $builder->say('board') : $content->text('title'),
            [...$covers, $builder->choice($builder->say('goOn'), PatternBuilder::ONWARD)],
        );
    }
}
