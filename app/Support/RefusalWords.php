<?php

declare(strict_types=1);

namespace App\Support;

use GoodRinse\Core\SentenceRefusal;

/** Why something cannot be done, in the language of the pages: sentences of the core are put into it by `lang/XX.json`. */
final class RefusalWords
{
    public static function of(\Throwable $refusal): string
    {
        return $refusal instanceof SentenceRefusal ? (string) __($refusal->sentence(), $refusal->values()) : $refusal->getMessage();
    }
}
