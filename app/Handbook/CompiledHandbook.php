<?php

declare(strict_types=1);

namespace App\Handbook;

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Compiler\InvalidHandbook;
use GoodRinse\Core\Handbook\Handbook;
use Psr\Log\LoggerInterface;

/**
 * Keeps the checked handbook as a file, so that a page need not read and check the YAML again: as PHP where compiled files
 * are shared between requests, serialized where they are not.
 *
 * When the data or the code that compiles it changes it is compiled anew; when the data has become faulty the last good
 * one stays in use and the fault is logged.
 */
final readonly class CompiledHandbook
{
    /**
     * @param int $rest seconds for which the data is not looked at again once it was found unchanged; 0 to look each
     *     time
     * @param list<string> $code folders of what compiles it
     * @param string|null $language whose sentences are laid over the handbook's own; null for none
     * @param HandbookWords|null $words finds what the pages have no words for, to be logged when the data has changed
     */
    public function __construct(
        private string $folder,
        private string $cache,
        private LoggerInterface $log,
        private int $rest = 0,
        private ?HandbookWords $words = null,
        private ?string $language = null,
        private array $code = [],
    ) {
    }

    /** @throws InvalidHandbook when it is faulty and there is no earlier good one */
    public function get(): Handbook
    {
        return new Handbook($this->data());
    }

    /**
     * @return array<string, mixed> what HandbookLoader made of it
     *
     * @throws InvalidHandbook when it is faulty and there is no earlier good one
     */
    public function data(): array
    {
        $kept = $this->read();
        if (null !== $kept && $this->isRested()) {
            return $kept['handbook'];
        }
        $stamp = $this->stamp();
        if (null !== $kept && $kept['stamp'] === $stamp) {
            $this->rest();

            return $kept['handbook'];
        }
        try {
            $compiled = (new HandbookCompiler($this->folder, $this->language))->compile();
        } catch (InvalidHandbook $e) {
            if (null === $kept) {
                throw $e;
            }
            $this->log->error($e->getMessage());

            return $kept['handbook'];
        }
        $this->write(['stamp' => $stamp, 'handbook' => $compiled]);
        foreach ($this->words?->missing(new Handbook($compiled)) ?? [] as $problem) {
            $this->log->warning("The handbook: $problem");
        }

        return $compiled;
    }

    private function isRested(): bool
    {
        return $this->rest > 0 && (int) @filemtime("$this->cache.seen") > time() - $this->rest;
    }

    private function rest(): void
    {
        if ($this->rest > 0) {
            @touch("$this->cache.seen");
        }
    }

    /** Names, sizes and times of the files: cheaper than their contents, and enough to notice an edit. */
    private function stamp(): string
    {
        $seen = '';
        $folders = [$this->folder, ...$this->code];
        while (null !== $folder = array_pop($folders)) {
            foreach (scandir($folder) ?: [] as $name) {
                $path = "$folder/$name";
                if (str_ends_with($name, '.yaml') || str_ends_with($name, '.php')) {
                    $stat = stat($path);
                    $seen .= sprintf('%s %d %d;', $path, $stat['size'] ?? 0, $stat['mtime'] ?? 0);
                } elseif ('.' !== $name[0] && is_dir($path)) {
                    $folders[] = $path;
                }
            }
        }

        return hash('xxh128', $seen);
    }

    /** @return array{stamp: string, handbook: array<string, mixed>}|null */
    private function read(): ?array
    {
        try {
            $kept = match (true) {
                self::isShared() && is_file($this->cache) => require $this->cache,
                is_file("$this->cache.bin") => @unserialize((string) file_get_contents("$this->cache.bin"), ['allowed_classes' => false]),
                default => null,
            };
        } catch (\Throwable) {
            return null; // cut off when the disk was full or the power went: it is made anew
        }

        if (!is_array($kept) || !is_string($kept['stamp'] ?? null) || !is_array($kept['handbook'] ?? null)) {
            return null;
        }
        /** @var array<string, mixed> $handbook */
        $handbook = $kept['handbook'];

        return ['stamp' => $kept['stamp'], 'handbook' => $handbook];
    }

    /** As var_export() writes it, in half the room. */
    private static function exported(mixed $value): string
    {
        if (!is_array($value)) {
            return var_export($value, true);
        }
        $isList = array_is_list($value);
        $members = [];
        foreach ($value as $key => $member) {
            $members[] = ($isList ? '' : var_export($key, true).'=>').self::exported($member);
        }

        return '['.implode(',', $members).']';
    }

    /** Whether PHP keeps compiled files between requests: then a PHP file costs nothing, and otherwise twice as much as this. */
    private static function isShared(): bool
    {
        return function_exists('opcache_get_status') && (bool) ini_get('cli' === PHP_SAPI ? 'opcache.enable_cli' : 'opcache.enable');
    }

    /** @param array{stamp: string, handbook: array<string, mixed>} $kept */
    private function write(array $kept): void
    {
        $this->put($this->cache, '<?php return '.self::exported($kept).';');
        $this->put("$this->cache.bin", serialize($kept));
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($this->cache, true);
        }
    }

    /** Whole or not at all, and nothing where the folder cannot be written to. */
    private function put(string $file, string $content): void
    {
        $draft = "$file.".bin2hex(random_bytes(4));
        if (false !== @file_put_contents($draft, $content)) {
            rename($draft, $file);
        }
    }
}
