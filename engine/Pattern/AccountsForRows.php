<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Rows\Rows;

/** A pattern that builds all of the rows that its fields take. */
trait AccountsForRows
{
    public function account(Content $content, Field $field): Rows
    {
        return $content->account($field);
    }
}
