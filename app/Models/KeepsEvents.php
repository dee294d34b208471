<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Cook\Event;

/** Events are appended, each once: one sent twice is known, one of another cook is told apart. */
trait KeepsEvents
{
    abstract public function events(): HasMany;

    public function keepEvent(Event $event, DateTimeImmutable $now): EventAnswer
    {
        $events = $this->events();
        $there = DB::table($events->getRelated()->getTable())->where('id', $event->id)
            ->first([$events->getForeignKeyName().' as of', 'document']);
        if ($there === null) {
            $events->create([
                'id' => $event->id, 'type' => $event->kind(), 'document' => $event->toArray(), 'received_at' => $now,
            ]);
        }

        // As both would be read again.
        $is = json_decode((string) json_encode($event->toArray()), true);

        return match (true) {
            $there === null => EventAnswer::Taken,
            $there->of !== $this->getKey() => EventAnswer::OfAnotherCook,
            json_decode($there->document, true) == $is => EventAnswer::Known,
            default => EventAnswer::Differs,
        };
    }
}
