<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** Takes what is no text out of what was sent: null bytes, and bytes that are no UTF-8. */
final class TakeCleanText extends TransformsRequest
{
    /** Judged as it came, because a table in another encoding is refused as a whole. */
    private const TABLE = 'table';

    /**
     * @param string $key
     */
    protected function transform($key, $value): mixed
    {
        if (!is_string($value)) {
            return $value;
        }

        return str_replace("\0", '', self::TABLE === $key || mb_check_encoding($value, 'UTF-8') ? $value : mb_scrub($value, 'UTF-8'));
    }
}
