<?php

declare(strict_types=1);

namespace App\Exchange;

/** Opens a zip that somebody sends: how much is in it, and what each thing is, is known before anything is unpacked. */
final readonly class ArchiveReader
{
    private const MOST_FILES = 20_000;
    private const MOST_FILE = 16_000_000;
    private const MOST_ALL = 2_000_000_000;
    private const TYPES = ['image/jpeg', 'image/png', 'image/webp', 'application/pdf'];

    public function __construct(private HouseholdReader $reader)
    {
    }

    /**
     * @param string $folder that pictures and papers are unpacked to
     *
     * @throws ImportRefused naming what is wrong; the folder may hold some files then
     */
    public function read(string $file, string $folder): HouseholdFile
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw ImportRefused::because('no_zip');
        }
        try {
            if ($zip->numFiles > self::MOST_FILES) {
                throw ImportRefused::because('too_many_files', ['most' => self::MOST_FILES]);
            }
            $files = [];
            $all = 0;
            $json = null;
            for ($i = 0; $i < $zip->numFiles; ++$i) {
                $stat = $zip->statIndex($i) ?: throw ImportRefused::because('no_zip');
                $name = $stat['name'];
                if (1 === preg_match('#(^/|\\\\|\.\.|^[A-Za-z]:|\x00)#', $name)) {
                    throw ImportRefused::because('path', ['name' => mb_substr($name, 0, 80)]);
                }
                $most = 'household.json' === $name ? ExchangeFormat::MOST_BYTES : self::MOST_FILE;
                if ($stat['size'] > $most || ($all += $stat['size']) > self::MOST_ALL) {
                    throw ImportRefused::because('too_big_inside', ['name' => mb_substr($name, 0, 80)]);
                }
                if ('household.json' === $name) {
                    $json = $this->bytes($zip, $i, $most, $name);
                } elseif (1 === preg_match(ExchangeFormat::FILE, $name)) {
                    $files[$name] = $this->unpack($zip, $i, $name, $folder.'/'.basename($name));
                }
            }

            return $this->reader->read($json ?? throw ImportRefused::because('no_household'), $files);
        } finally {
            $zip->close();
        }
    }

    /** What a zip says of a size may be a lie, so no more than that is read. */
    private function bytes(\ZipArchive $zip, int $i, int $most, string $name): string
    {
        $stream = $zip->getStreamIndex($i);
        $bytes = false === $stream ? false : stream_get_contents($stream, $most + 1);
        if (!is_string($bytes) || strlen($bytes) > $most) {
            throw ImportRefused::because('too_big_inside', ['name' => $name]);
        }

        return $bytes;
    }

    /** @return string the path */
    private function unpack(\ZipArchive $zip, int $i, string $name, string $path): string
    {
        $bytes = $this->bytes($zip, $i, self::MOST_FILE, $name);
        $type = (new \finfo(FILEINFO_MIME_TYPE))->buffer($bytes);
        $isPicture = is_string($type) && str_starts_with($type, 'image/');
        $size = $isPicture ? @getimagesizefromstring($bytes) : null;
        if (!in_array($type, self::TYPES, true) || (false === $size || (is_array($size) && $size[0] * $size[1] > 50_000_000))) {
            throw ImportRefused::because('no_picture', ['name' => $name]);
        }
        is_dir(dirname($path)) || mkdir(dirname($path), 0o700, true);
        if (file_put_contents($path, $bytes) !== strlen($bytes)) {
            throw ImportRefused::because('disk');
        }
        chmod($path, 0o600);

        return $path;
    }
}
