<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

/** A question answered, with its reasons; the answer is the gravest of them. */
final readonly class Reply
{
    public Answer $answer;

    /** @param  non-empty-list<Reason>  $reasons */
    public function __construct(public Question $question, public array $reasons)
    {
        $answer = Answer::Yes;
        foreach ($reasons as $reason) {
            $answer = $answer->and($reason->answer);
        }
        $this->answer = $answer;
    }
}
