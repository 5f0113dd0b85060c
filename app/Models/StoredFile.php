<?php

declare(strict_types=1);

namespace App\Models;

/** A record of a file that lies outside the public folder. */
trait StoredFile
{
    /** Where its file lies. */
    public function path(): string
    {
        return config()->string('good-rinse.photos').'/'.$this->file;
    }
}
