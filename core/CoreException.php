<?php

declare(strict_types=1);

namespace GoodRinse\Core;

/** Marks every exception of the core, so that a caller can tell them from everything else. */
interface CoreException extends \Throwable
{
}
