<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Own;

use GoodRinse\Core\Handbook\Compiler\Node;

/**
 * Turns the tasks a household has written into the data the handbook keeps its own in: a part, a care task, a procedure and
 * steps for each. What is made so is read by the same readers as everything else.
 *
 * @internal to the handbook
 */
final readonly class OwnTaskData
{
    /** Title of a step, as the pages can show it; the rest of a longer line stands below it. */
    private const TITLE = 60;

    private const SHORT = 24;

    /** @param Node $rules own-tasks.yaml */
    public function __construct(private Node $rules)
    {
    }

    /**
     * @param Node $kind data of a machine kind
     *
     * @return Node the same kind with the tasks in it
     */
    public function addTo(Node $kind, OwnTasks $tasks): Node
    {
        $raw = $kind->raw();
        $about = $kind->at('kind')->raw();
        foreach ($tasks->tasks as $task) {
            $steps = $this->steps($task);
            $about['parts'] = [...self::list($about, 'parts'), $this->part($task)];
            $about['tasks'] = [...self::list($about, 'tasks'), $this->task($task, $kind->at('kind')->at('uses')->string('unit'))];
            $raw['steps'] = [...self::list($raw, 'steps'), ...self::withIds($steps)];
            if (!$task->ended) {
                $raw['procedures'] = [...self::list($raw, 'procedures'), $this->procedure($task, array_keys($steps))];
            }
        }

        return Node::of(['kind' => $about] + $raw);
    }

    /** @return list<array<string, string>> what the tasks want within reach, as kit.yaml names it */
    public static function kit(OwnTasks $tasks): array
    {
        $kit = [];
        foreach ($tasks->tasks as $task) {
            foreach ($task->needs as $i => $need) {
                $kit[] = ['id' => self::kitId($task, $i), 'name' => $need];
            }
        }

        return $kit;
    }

    private static function kitId(OwnTask $task, int $i): string
    {
        return "$task->id-kit-$i";
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @return list<mixed>
     */
    private static function list(array $data, string $key): array
    {
        return is_array($data[$key] ?? null) ? array_values($data[$key]) : [];
    }

    /** @return array<string, mixed> */
    private function part(OwnTask $task): array
    {
        return ['id' => $task->id, 'name' => $task->part ?? $task->title];
    }

    /** @return array<string, mixed> */
    private function task(OwnTask $task, string $useUnit): array
    {
        [$least, $most] = [$this->rules->at('bounds')->number('least'), $this->rules->at('bounds')->number('most')];

        return [
            'id' => $task->id,
            'part' => $task->id,
            'name' => $task->title,
            'basis' => $this->rules->string('basis'),
            'fouls' => $this->rules->string('fouls'),
            'procedures' => $task->ended ? [] : [['id' => $task->id]],
            'clocks' => [[
                'unit' => $task->isByDays() ? OwnTask::DAYS : $useUnit,
                'least' => max(1, round($least * $task->every)),
                'most' => round($most * $task->every),
            ]],
            'schools' => [['id' => 'own', $task->isByDays() ? 'days' : 'uses' => $task->every] + $this->rules->at('school')->raw()],
            'defaultSchool' => 'own',
        ];
    }

    /**
     * It is done on its own: nobody but the household knows what is poured in it.
     *
     * @param list<string> $steps
     *
     * @return array<string, mixed>
     */
    private function procedure(OwnTask $task, array $steps): array
    {
        return [
            'id' => $task->id,
            'name' => $task->title,
            'does' => $this->rules->string('does'),
            'ends' => [],
            'alone' => true,
            'steps' => $steps,
            'chains' => [$task->id => $steps],
            'runs' => [],
        ];
    }

    /** @return array<string, array<array-key, mixed>> by id */
    private function steps(OwnTask $task): array
    {
        $steps = [];
        $tools = array_map(static fn (int $i): string => self::kitId($task, $i), array_keys($task->needs));
        if ([] !== $tools) {
            $steps["$task->id-kit"] = ['hands' => 0, 'kit' => true] + $this->rules->at('kit')->raw();
        }
        if (null !== $task->scale) {
            $steps["$task->id-found"] = $this->look($task, 'look', 'found');
        }
        $id = '';
        foreach ($task->lines as $line) {
            // Its id follows from its words, so that a line that was done and is written anew is another step.
            $base = $id = $task->id.'-'.substr(hash('xxh64', $line), 0, 8);
            for ($again = 2; isset($steps[$id]); ++$again) {
                $id = "$base-$again";
            }
            $steps[$id] = ['tools' => $tools, ...self::line($task, $line)];
        }
        if (null !== $task->scale) {
            $steps["$task->id-left"] = $this->look($task, 'again', 'left');
        } else {
            $steps[$id]['marks'] = $task->id;
        }

        return $steps;
    }

    /**
     * @param array<string, array<array-key, mixed>> $steps by id
     *
     * @return list<array<array-key, mixed>>
     */
    private static function withIds(array $steps): array
    {
        $listed = [];
        foreach ($steps as $id => $step) {
            $listed[] = ['id' => $id] + $step;
        }

        return $listed;
    }

    /** @return array<string, mixed> */
    private function look(OwnTask $task, string $which, string $means): array
    {
        $rules = $this->rules->at($which);

        return [
            'title' => strtr($rules->string('title'), ['{part}' => $task->part ?? $task->title]),
            'instruction' => $rules->string('instruction'),
            'short' => $rules->string('short'),
            'part' => $task->id,
            'hands' => 0,
            'capture' => [
                'id' => "$task->id-$means",
                'kind' => 'grade',
                'ask' => $rules->string('ask'),
                'scale' => $task->scale,
                'means' => $means,
                'of' => $task->id,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function line(OwnTask $task, string $line): array
    {
        $count = count($task->lines);
        [$title, $rest] = self::split($line);

        return [
            'title' => $title,
            'instruction' => $rest ?? '',
            'short' => mb_strimwidth(rtrim($title, '.'), 0, self::SHORT, '…'),
            'part' => $task->id,
            'hands' => (floor(1000 * $task->minutes / $count) - 0.5) / 1000, // the sum rounds up to the whole
        ];
    }

    /** @return array{string, string|null} the first sentence where the line has more than one, and what follows */
    private static function split(string $line): array
    {
        if (1 === preg_match('/^(.{3,'.self::TITLE.'}?[.!?])\s+(\S.*)$/us', $line, $match)) {
            return [$match[1], $match[2]];
        }

        return [$line, null];
    }
}
