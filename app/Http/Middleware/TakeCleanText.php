<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** Takes what is no text out of what was sent: null bytes, and bytes that are no UTF-8. */
final class TakeCleanText extends TransformsRequest
{
    /**
     * @param string $key
     */
    protected function transform($key, $value): mixed
    {
        return is_string($value) ? str_replace("\0", '', mb_check_encoding($value, 'UTF-8') ? $value : mb_scrub($value, 'UTF-8')) : $value;
    }
}
