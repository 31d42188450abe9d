<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\CodeForm;

/** A door that opens on a code: of digits, of arrows, of signs on a pad of its own, or a word that is typed. */
final class Keypad implements Pattern
{
    use TakesAll;

    public function name(): string
    {
        return 'keypad';
    }

    public function fields(): array
    {
        return [
            Field::line('place'),
            Field::text('ask', true),
            Field::line('code', true),
            Field::text('wrong'),
            Field::text('right'),
        ];
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $open =
            ['go' => PatternBuilder::ONWARD] +
            ($content->text('right') === '' ? [] : ['say' => $content->text('right')]);
        $lock = $builder->code(
            $content->text('ask'),
            CodeForm::of($content->text('code'), $content->language),
            $content->text('wrong'),
            $open,
        );
        $title = $content->text('place') === '' ? $builder->say('door') : $content->text('place');
        $builder->scene($builder->id('door'), $title, [['label' => $title] + $lock]);
    }
}
