<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Devices\TakeMqttMessage;
use App\Outside\MqttClient;
use Illuminate\Console\Command;

/** Listens to a broker for what counters publish. */
final class DeviceMqtt extends Command
{
    protected $signature = 'device:mqtt
        {address=tcp://127.0.0.1:1883 : of the broker; tls:// for an encrypted one}
        {--topic=good-rinse/+/+ : …/ID-OF-THE-COUNTER/total or …/events}
        {--user= : where the broker asks for one}
        {--password= : where the broker asks for one}
        {--messages=0 : end after so many; 0 for never}';

    protected $description = 'Takes in what counters publish over MQTT, and begins anew when the broker goes away';

    /** Seconds before another try. */
    private const AGAIN = 5;

    public function handle(TakeMqttMessage $take): int
    {
        $left = (int) $this->option('messages');
        do {
            try {
                $client = MqttClient::connect(
                    (string) $this->argument('address'),
                    'good-rinse-'.substr(md5(base_path()), 0, 8),
                    $this->text('user'),
                    $this->text('password'),
                );
                $client->subscribe((string) $this->option('topic'));
                $this->line('Listening.');
                while (true) {
                    $client->next(function (string $topic, string $sent) use ($take, &$left): void {
                        $this->line("$topic: ".$take->handle($topic, $sent));
                        --$left;
                    });
                    if (0 === $left) {
                        return self::SUCCESS;
                    }
                }
            } catch (\RuntimeException $e) {
                $this->error($e->getMessage());
                sleep(self::AGAIN);
            }
        } while (0 !== $left || 0 === (int) $this->option('messages'));

        return self::SUCCESS;
    }

    private function text(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) && '' !== $value ? $value : null;
    }
}
