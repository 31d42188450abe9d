<?php

declare(strict_types=1);

namespace Fravel\Document;

enum Layout: string
{
    /** A fixed picture area of 1600 × 900 units with placed things. */
    case Stage = 'stage';

    /** A column in which the things flow in their order. */
    case Page = 'page';
}
