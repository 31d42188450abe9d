<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** What a pattern may ask for. */
enum FieldKind: string
{
    /** Rows of question, answer and more, as a worksheet has them. */
    case Questions = 'questions';

    /** Rows of cells whose columns are the pattern's own. */
    case Table = 'table';

    case Text = 'text';

    case Line = 'line';

    case Number = 'number';

    case Choice = 'choice';

    /** The id of an asset. */
    case Picture = 'picture';

    /** A picture that comes to light cell by cell: the id of an asset, its colours and its cells, with tabs between. */
    case Cells = 'cells';

    /** Many pictures, each with the name that rows call it by. */
    case Pictures = 'pictures';

    public function isRows(): bool
    {
        return $this === self::Questions || $this === self::Table;
    }
}
