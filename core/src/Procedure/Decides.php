<?php

declare(strict_types=1);

namespace Tekkal\Core\Procedure;

/** Who may say that the work goes on. */
enum Decides: string
{
    case Assembler = 'assembler';
    case Lead = 'lead';
}
