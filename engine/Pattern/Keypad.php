<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** A door that opens on a code. */
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
            Field::line('ask', true),
            Field::line('code', true),
            Field::text('wrong'),
            Field::text('right'),
        ];
    }

    public function build(Content $content, PatternBuilder $builder): void
    {
        $digits = (string) preg_replace('/\D/', '', $content->text('code'));
        $open =
            ['go' => PatternBuilder::ONWARD] +
            ($content->text('right') === '' ? [] : ['say' => $content->text('right')]);
        $lock = $builder->code(
            $content->text('ask'),
            $digits === '' ? '0000' : substr($digits, 0, 20),
            $content->text('wrong'),
            $open,
        );
        $title = $content->text('place') === '' ? $builder->say('door') : $content->text('place');
        $builder->scene($builder->id('door'), $title, [['label' => $title] + $lock]);
    }
}
