<?php

declare(strict_types=1);

namespace App\Tracking;

use DateTimeInterface;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use PluckyWren\Core\Send\Track\Docket;

/** A drive's service on the web. */
final readonly class HttpTracking implements TrackingService
{
    /**
     * @param  string  $address  like `http://127.0.0.1:8124`
     * @param  int  $patience  seconds
     */
    public function __construct(private Factory $http, private string $address, private int $patience) {}

    public function ask(Docket $docket, DateTimeInterface $handedInAt): string
    {
        try {
            $answer = $this->http
                ->timeout($this->patience)
                ->connectTimeout($this->patience)
                ->withoutRedirecting()
                ->acceptJson()
                ->get(rtrim($this->address, '/').'/dockets/'.rawurlencode($docket->text), [
                    'handed_in' => $handedInAt->format(DATE_ATOM),
                ]);
        } catch (ConnectionException) {
            throw NoAnswer::because(NoAnswerWhy::Silent);
        }

        return match (true) {
            $answer->ok() => $answer->body(),
            $answer->notFound() => throw NoAnswer::because(NoAnswerWhy::Unknown),
            default => throw NoAnswer::because(NoAnswerWhy::Refuses),
        };
    }
}
