<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\State;
use Tekkal\Core\Run\Thing;
use Tekkal\Core\Run\ThingKind;
use Tekkal\Core\Run\UnreadableBody;

/** The shop's word that nothing more is done with a revision, a tool or a lot, until two have lifted it. */
final readonly class StopOrder
{
    public const REVISION = 'revision';

    public const TOOL = 'tool';

    public const FASTENERS = 'lot_of_fasteners';

    /** Of what is put on surfaces. */
    public const AGENT = 'lot_of_agent';

    /** Characters of what somebody has said. */
    private const LONGEST = 1_000;

    /**
     * @param  string  $what  REVISION, TOOL, FASTENERS or AGENT
     * @param  string  $key  the id of the revision or tool; the number of the lot as it is printed
     * @param  string  $title  "Revision C", "TW-04", "Lot 4711"
     * @param  string  $says  who stopped it and when, as a sentence
     * @param  string  $why  as whoever stopped it has said
     * @param  bool  $seen  has this bench said that it knows?
     */
    public function __construct(
        public string $id,
        public string $what,
        public string $key,
        public string $title,
        public string $says,
        public string $why,
        public bool $seen = false,
    ) {
    }

    public function isLot(): bool
    {
        return $this->what === self::FASTENERS || $this->what === self::AGENT;
    }

    /** Is that of the lot? Capitals, spaces and hyphens differ from one bag to the next. */
    public function isOf(ThingKind $thing, ?string $lot): bool
    {
        $of = match ($this->what) {
            self::FASTENERS => ThingKind::Bolt,
            self::AGENT => ThingKind::Agent,
            default => null,
        };

        return $lot !== null && $of === $thing && Known::isSame($this->key, $lot);
    }

    /** @return list<string> the places where something of it is in */
    public function placesIn(State $state): array
    {
        return array_values(array_filter($state->places(), fn (string $at): bool => array_filter($state->thingsAt($at), $this->holds(...)) !== []));
    }

    public function holds(Thing $thing): bool
    {
        return $this->isOf($thing->thing, $thing->notes->lot);
    }

    /** @throws UnreadableBody */
    public static function fromBody(Body $body): self
    {
        return new self($body->key('id'), $body->key('what'), $body->text('key'), $body->text('title'), $body->text('says', self::LONGEST), $body->text('why', self::LONGEST), $body->boolean('seen'));
    }

    /** @return array{id: string, what: string, key: string, title: string, says: string, why: string, seen: bool} */
    public function toBody(): array
    {
        return ['id' => $this->id, 'what' => $this->what, 'key' => $this->key, 'title' => $this->title, 'says' => $this->says, 'why' => $this->why, 'seen' => $this->seen];
    }
}
