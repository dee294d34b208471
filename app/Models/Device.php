<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A device on which a member is signed in: a row of the framework's sessions.
 *
 * @property string $id
 * @property string|null $user_id
 * @property string|null $user_agent
 * @property int $last_activity seconds since 1970
 */
final class Device extends Model
{
    private const BROWSERS = ['Firefox' => 'Firefox', 'Edg/' => 'Edge', 'Chrome' => 'Chromium', 'Safari' => 'Safari'];

    private const SYSTEMS = [
        'Android' => 'Android', 'iPhone' => 'a phone', 'iPad' => 'a tablet', 'Windows' => 'Windows', 'Mac' => 'macOS',
        'Linux' => 'Linux',
    ];

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'sessions';

    protected $keyType = 'string';

    protected $hidden = ['payload'];

    /** What it is called, as far as its browser tells. */
    public function told(): string
    {
        $named = function (array $names, string $else): string {
            foreach ($names as $sign => $name) {
                if (str_contains((string) $this->user_agent, $sign)) {
                    return $name;
                }
            }

            return $else;
        };

        return $named(self::BROWSERS, 'a browser').' on '.$named(self::SYSTEMS, 'a device');
    }

    /** What a page calls it by: its own id is what its cookie opens the door with, and goes to no one else. */
    public function sum(): string
    {
        return hash('sha256', $this->id);
    }

    public function lastSeen(): Carbon
    {
        return Carbon::createFromTimestamp($this->last_activity);
    }
}
