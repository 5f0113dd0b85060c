<?php

declare(strict_types=1);

namespace GoodRinse\Core;

/** Marks an exception whose message is written for the person who asked: what cannot be done, and why. */
interface Refusal extends CoreException
{
}
