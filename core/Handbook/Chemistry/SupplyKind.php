<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** What sort of thing is kept. */
enum SupplyKind: string
{
    /** It is poured, sprinkled or squeezed. */
    case Agent = 'agent';
    /** It is fitted into one machine and taken out again when it is spent: a cartridge, a filter, a seal. */
    case Part = 'part';
    /** It is used and stays. */
    case Tool = 'tool';
    /** Something that a household keeps and the handbook does not know. */
    case Own = 'own';
}
