<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Calc\BadInput;
use App\Console\Calc\ChemistryModel;
use App\Console\Calc\CupboardModel;
use App\Console\Calc\CupModel;
use App\Console\Calc\DoseModel;
use App\Console\Calc\FlowModel;
use App\Console\Calc\InputSchema;
use App\Console\Calc\Json;
use App\Console\Calc\Model;
use App\Console\Calc\PlanModel;
use App\Console\Calc\RhythmModel;
use App\Console\Calc\SuspectsModel;
use App\Console\Calc\TraceModel;
use App\Console\Calc\UseModel;
use GoodRinse\Core\Plan\Schedule\ImpossiblePlan;
use Illuminate\Console\Command;
use Illuminate\Contracts\Container\Container;
use Symfony\Component\Console\Output\OutputInterface;

/** The core without the pages: one JSON document in, one out. */
final class Calc extends Command
{
    private const MODELS = [
        'rhythm' => RhythmModel::class,
        'chemistry' => ChemistryModel::class,
        'dose' => DoseModel::class,
        'flow' => FlowModel::class,
        'cup' => CupModel::class,
        'trace' => TraceModel::class,
        'suspects' => SuspectsModel::class,
        'use' => UseModel::class,
        'plan' => PlanModel::class,
        'cupboard' => CupboardModel::class,
    ];
    private const BAD_INPUT = 2;
    private const IMPOSSIBLE = 3;

    protected $signature = 'calc {model? : what to calculate: rhythm, use, chemistry, dose, flow, cup, trace, suspects, plan or cupboard}
        {--schema : print the JSON Schema of the input instead}';

    protected $description = 'Reads one JSON document on standard input and writes the result on standard output';

    protected function configure(): void
    {
        parent::configure();
        $help = ["Exit 0 with the result; exit 2 with one line on standard error for input that is not as it should be; exit 3
with the links that contradict each other for a plan that cannot be.\n"];
        foreach (array_keys(self::MODELS) as $model) {
            array_push($help, "calc $model", ...(new InputSchema($model))->fields());
        }
        $this->setHelp(implode("\n", $help));
    }

    public function handle(Container $container): int
    {
        try {
            $model = $this->model($container);
            $schema = new InputSchema($this->modelName());
            if ($this->option('schema')) {
                $this->output->write($schema->text(), false, OutputInterface::OUTPUT_RAW);

                return self::SUCCESS;
            }
            $input = Json::parse((string) stream_get_contents(STDIN));
            $problems = $schema->problems($input->raw());
            if ([] !== $problems) {
                return $this->refuse(implode('; ', $problems));
            }
            $json = json_encode(
                $model->calculate($input),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            );
        } catch (BadInput $e) {
            return $this->refuse($e->getMessage());
        } catch (ImpossiblePlan $e) {
            return $this->refuse($e->getMessage(), self::IMPOSSIBLE);
        } catch (\JsonException) {
            return $this->refuse('"": these numbers lie too far apart to calculate with');
        }
        $this->output->writeln($json, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function refuse(string $message, int $code = self::BAD_INPUT): int
    {
        fwrite(STDERR, str_replace(["\r", "\n"], ' ', $message)."\n");

        return $code;
    }

    private function modelName(): string
    {
        $name = $this->argument('model');

        return is_string($name) ? $name : '';
    }

    private function model(Container $container): Model
    {
        $class = self::MODELS[$this->modelName()] ?? throw BadInput::at(
            '',
            'there is no such model; there is: '.implode(', ', array_keys(self::MODELS)),
        );

        return $container->make($class);
    }
}
