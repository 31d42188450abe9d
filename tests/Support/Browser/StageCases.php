<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Tests\Support\Builder;

/** What StageTest is about: games, and ways to ask. */
final class StageCases
{
    /** A stage with a setting behind it, and nothing on it but the first words. */
    public static function stageOf(string $title, string $setting = 'hearth'): Builder
    {
        $builder = Builder::ofNewGame($title);
        $builder->choose('[data-key="scene.layout"]', 'a stage: things stand where you put them')
            ->click("[data-key=\"setting.{$setting}\"]");
        $builder->browser->until(fn (): bool => $builder->browser->has('.stage-back image'));

        return $builder;
    }
}
