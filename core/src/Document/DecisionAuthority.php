<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Who may say that the work goes on. */
enum DecisionAuthority: string
{
    case Assembler = 'assembler';
    case Lead = 'lead';
}
