<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\Handbook\Order\ProcedureExpander;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Reads the handbook folder, checks every file against its schema and all references, and compiles it. */
final class HandbookCompiler
{
    private const SHARED = [
        'rhythm',
        'scales',
        'agents',
        'supplies',
        'cupboard',
        'chemistry',
        'dose',
        'measures',
        'cautions',
        'kit',
        'measurements',
        'checks',
        'schools',
        'asking',
        'faults',
        'own',
        'own-tasks',
        'wording',
    ];
    /** Beside the files: which of them were found in order. */
    public const CHECKED = 'checked.txt';

    /** @var list<Problem> */
    private array $problems = [];

    /** @var array<string, mixed> what the files hold, by path */
    private array $texts = [];

    private ?SchemaRules $schemas = null;

    /**
     * @param string|null $language folder below `lang/` whose sentences are laid over the handbook's own; null for none
     */
    public function __construct(private readonly string $folder, private readonly ?string $language = null)
    {
    }

    /**
     * A handbook whose files are the very ones that were checked last (see mark) is not held against its schemas
     * and wording again: that takes as long as reading it.
     *
     * @return array<string, mixed> plain arrays that Handbook reads, and that can be kept in a cache
     *
     * @throws InvalidHandbook naming file, place and problem, of everything that is wrong
     */
    public function compile(): array
    {
        return $this->build(null === $this->language && $this->isChecked());
    }

    /**
     * @return array<string, mixed> as compile does, everything checked whatever was checked before
     *
     * @throws InvalidHandbook naming file, place and problem, of everything that is wrong
     */
    public function check(): array
    {
        return $this->build(false);
    }

    /**
     * Checks everything.
     *
     * @return string what to keep in the file CHECKED, to note that these files, unchanged, are in order
     *
     * @throws InvalidHandbook naming file, place and problem, of everything that is wrong
     */
    public function mark(): string
    {
        $this->check();

        return $this->fingerprint()."\n";
    }

    /** Whether the files are, to the byte, those that CHECKED was written for. */
    public function isChecked(): bool
    {
        return $this->fingerprint() === trim((string) @file_get_contents("$this->folder/".self::CHECKED));
    }

    /** @return array<string, mixed> */
    private function build(bool $isChecked): array
    {
        $this->problems = $this->texts = [];
        $this->schemas = $isChecked ? null : new SchemaRules("$this->folder/schema");
        $compiled = ['version' => $this->fingerprint()];
        foreach (self::SHARED as $name) {
            $compiled[$name] = $this->read("$name.yaml", $name);
        }
        $compiled['kinds'] = [];
        foreach ($this->folders() as $folder) {
            $compiled['kinds'][] = $this->readKind("machines/$folder");
        }
        $this->stopOnProblems();
        $this->problems = $this->worded(Node::of($compiled)->at('wording'));
        $this->stopOnProblems();
        unset($compiled['wording']);
        $expander = new ProcedureExpander();
        $compiled['kinds'] = array_map(
            static fn (array $kind): array => $expander->expand($kind, Node::of($compiled['scales'] ?? [])),
            $compiled['kinds'],
        );
        $this->problems = [...$expander->problems(), ...(new CrossReferences())->check(Node::of($compiled))];
        $this->stopOnProblems();

        return $compiled;
    }

    /**
     * Changes when a file of the handbook does; cheap enough to ask at every start.
     *
     * @throws InvalidHandbook when the folder is missing
     */
    public function fingerprint(): string
    {
        $seen = [];
        foreach ($this->files() as $file) {
            $seen[] = [$file, hash_file('xxh128', "$this->folder/$file")];
        }

        return hash('xxh128', json_encode($seen, JSON_THROW_ON_ERROR));
    }

    /**
     * @return list<string> paths of all data files below the folder, sorted
     *
     * @throws InvalidHandbook when the folder is missing
     */
    public function files(): array
    {
        if (!is_dir($this->folder)) {
            throw InvalidHandbook::missing($this->folder);
        }
        $files = [];
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->folder, \FilesystemIterator::SKIP_DOTS));
        foreach ($all as $file) {
            if ($file instanceof \SplFileInfo && in_array($file->getExtension(), ['yaml', 'json'], true)) {
                $files[] = substr($file->getPathname(), strlen($this->folder) + 1);
            }
        }
        sort($files);

        return $files;
    }

    /** @return array<string, mixed> */
    private function readKind(string $folder): array
    {
        $procedures = [];
        foreach (glob("$this->folder/$folder/procedures/*.yaml") ?: [] as $path) {
            $file = "$folder/procedures/".basename($path);
            $procedures[] = ['file' => $file, 'data' => $this->read($file, 'procedure')];
        }

        return [
            'folder' => $folder,
            'kind' => $this->read("$folder/kind.yaml", 'kind'),
            'steps' => $this->read("$folder/steps.yaml", 'steps'),
            'procedures' => $procedures,
            'trace' => is_file("$this->folder/$folder/trace.yaml") ? $this->read("$folder/trace.yaml", 'trace') : [],
        ];
    }

    private function read(string $file, string $schema): mixed
    {
        $path = "$this->folder/$file";
        if (!is_readable($path)) {
            $this->problems[] = new Problem($file, '', 'the file is missing or cannot be read');

            return [];
        }
        try {
            $data = Yaml::parseFile($path, Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE);
        } catch (ParseException $e) {
            $this->problems[] = new Problem($file, 'line '.$e->getParsedLine(), $e->getMessage());

            return [];
        }
        if (null !== $this->schemas) {
            $this->texts[$file] = $data;
            $data = $this->said($file, $data);
            array_push($this->problems, ...$this->schemas->check($file, $data, $schema));
        }

        return $data;
    }

    /** The data of a file with the sentences of the language over it, as far as it has any. */
    private function said(string $file, mixed $data): mixed
    {
        $path = "$this->folder/lang/$this->language/$file";
        if (null === $this->language || !is_file($path)) {
            return $data;
        }
        try {
            $overlay = new LanguageOverlay("lang/$this->language/$file");
            $data = $overlay->over($data, Yaml::parseFile($path, Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE) ?? []);
            array_push($this->problems, ...$overlay->problems());
        } catch (ParseException $e) {
            $this->problems[] = new Problem("lang/$this->language/$file", 'line '.$e->getParsedLine(), $e->getMessage());
        }

        return $data;
    }

    /** @return list<string> */
    private function folders(): array
    {
        $folders = array_map(basename(...), glob("$this->folder/machines/*", GLOB_ONLYDIR) ?: []);
        if ([] === $folders) {
            $this->problems[] = new Problem('machines', '', 'there is no machine kind');
        }

        return $folders;
    }

    /** @return list<Problem> */
    private function worded(Node $wording): array
    {
        $rules = WordingRules::read($wording);
        $problems = [];
        foreach ($this->texts as $file => $data) {
            array_push($problems, ...('wording.yaml' === $file ? [] : $rules->check($file, $data)));
        }

        return $problems;
    }

    private function stopOnProblems(): void
    {
        if ([] !== $this->problems) {
            throw InvalidHandbook::because($this->problems);
        }
    }
}
