<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Shared\Ids;

/** Tells some people something that they must acknowledge. */
final readonly class SendNotice
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  list<string>  $to  people's ids; nobody is told nothing */
    public function __invoke(string $title, string $body, string $link, array $to, string $by): void
    {
        $to = array_values(array_unique($to));
        if ($to !== []) {
            sort($to);
            $id = Ids::next();
            $this->recorder->append(new Draft(Ids::next(), 'notice_sent', 'notice/'.$id, $by, data: ['title' => $title, 'body' => $body, 'link' => $link, 'to' => $to]));
        }
    }
}
