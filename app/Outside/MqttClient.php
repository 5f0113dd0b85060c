<?php

declare(strict_types=1);

namespace App\Outside;

/**
 * As much of MQTT 3.1.1 as listening takes: connect, subscribe at quality 0 or 1, receive, stay alive.
 *
 * Ours because no client for it can be had from the registries this is built from; tested against a real broker.
 */
final class MqttClient
{
    private const CONNECT = 1;
    private const CONNACK = 2;
    private const PUBLISH = 3;
    private const PUBACK = 4;
    private const SUBSCRIBE = 8;
    private const SUBACK = 9;
    private const PING = 12;

    /** Bytes that one packet may have. */
    private const MOST = 262_144;

    /** @param resource $socket */
    private function __construct(private $socket, private readonly int $alive)
    {
    }

    /**
     * @param string $address tcp://host:1883 or tls://host:8883
     * @param int $alive seconds after which the broker takes a silent client for gone
     *
     * @throws \RuntimeException when it cannot be reached or refuses
     */
    public static function connect(
        string $address,
        string $id,
        ?string $user = null,
        #[\SensitiveParameter]
        ?string $password = null,
        int $alive = 30,
    ): self {
        $socket = @stream_socket_client($address, $number, $why, 10);
        if (false === $socket) {
            throw new \RuntimeException("$address cannot be reached: $why");
        }
        stream_set_timeout($socket, $alive);
        $client = new self($socket, $alive);
        $flags = 2 | (null === $user ? 0 : 128) | (null === $password ? 0 : 64);
        $client->send(
            self::CONNECT << 4,
            self::text('MQTT').chr(4).chr($flags).pack('n', $alive).self::text($id)
                .(null === $user ? '' : self::text($user)).(null === $password ? '' : self::text($password)),
        );
        [$type, , $body] = $client->packet() ?? throw new \RuntimeException('The broker did not answer.');
        if (self::CONNACK !== $type || "\0" !== ($body[1] ?? '')) {
            throw new \RuntimeException('The broker refused: '.ord($body[1] ?? "\xff").'.');
        }

        return $client;
    }

    /** @throws \RuntimeException when the broker refuses */
    public function subscribe(string $topic): void
    {
        $this->send(self::SUBSCRIBE << 4 | 2, pack('n', 1).self::text($topic).chr(1));
        [$type, , $body] = $this->packet() ?? throw new \RuntimeException('The broker did not answer.');
        if (self::SUBACK !== $type || ord($body[2] ?? "\x80") > 2) {
            throw new \RuntimeException("The broker refuses $topic.");
        }
    }

    /**
     * Waits for the next message, and tells the broker meanwhile that somebody is there. What is acknowledged has been
     * taken: the broker sends it again after a break.
     *
     * @param \Closure(string, string): mixed $take topic and what was sent
     *
     * @throws \RuntimeException when the connection ends
     */
    public function next(\Closure $take): void
    {
        $packet = $this->packet();
        if (null === $packet) {
            $this->send(self::PING << 4, '');

            return;
        }
        [$type, $flags, $body] = $packet;
        if (self::PUBLISH !== $type) {
            return;
        }
        $length = self::number($body, 0);
        $topic = substr($body, 2, $length);
        $quality = $flags >> 1 & 3;
        $take($topic, substr($body, 2 + $length + ($quality > 0 ? 2 : 0)));
        if ($quality > 0) {
            $this->send(self::PUBACK << 4, substr($body, 2 + $length, 2));
        }
    }

    /** @return array{int, int, string}|null type, flags and body; null when nothing came in two thirds of the time */
    private function packet(): ?array
    {
        $read = [$this->socket];
        $none = null;
        if (1 !== stream_select($read, $none, $none, intdiv(2 * $this->alive, 3))) {
            return null;
        }
        $head = ord($this->bytes(1));
        $length = $shift = 0;
        do {
            $byte = ord($this->bytes(1));
            $length |= ($byte & 127) << $shift;
            $shift += 7;
        } while ($byte > 127 && $shift < 28);
        if ($length > self::MOST) {
            throw new \RuntimeException('The broker sends more than a message can have.');
        }

        return [$head >> 4, $head & 15, 0 === $length ? '' : $this->bytes($length)];
    }

    private function bytes(int $many): string
    {
        $bytes = '';
        while (strlen($bytes) < $many) {
            $more = fread($this->socket, max(1, $many - strlen($bytes)));
            if (false === $more || '' === $more) {
                throw new \RuntimeException('The broker has gone.');
            }
            $bytes .= $more;
        }

        return $bytes;
    }

    private function send(int $head, string $body): void
    {
        $length = strlen($body);
        $size = '';
        do {
            $byte = $length & 127;
            $length >>= 7;
            $size .= chr($length > 0 ? $byte | 128 : $byte);
        } while ($length > 0);
        if (false === @fwrite($this->socket, chr($head).$size.$body)) {
            throw new \RuntimeException('The broker has gone.');
        }
    }

    private static function text(string $text): string
    {
        return pack('n', strlen($text)).$text;
    }

    private static function number(string $body, int $at): int
    {
        return ord($body[$at] ?? "\0") << 8 | ord($body[$at + 1] ?? "\0");
    }
}
