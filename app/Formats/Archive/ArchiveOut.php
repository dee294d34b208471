<?php

declare(strict_types=1);

namespace App\Formats\Archive;

use App\Models\Household;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use LogicException;
use stdClass;
use ZipArchive;

/** Everything a household keeps, as one zip: a JSON file for each thing (schema/archive.json), photographs beside. */
final class ArchiveOut
{
    public const FORMAT = 'orbek-archive/1';

    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
        | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

    /** A zip holds so many entries in memory before it is written to its file. */
    private const AT_A_TIME = 200;

    private const READINGS_A_FILE = 5000;

    private int $waiting = 0;

    private function __construct(private readonly string $path, private readonly ZipArchive $zip)
    {
    }

    /** Writes the household in use to a file. */
    public static function to(string $path, Household $household, DateTimeImmutable $now): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new LogicException("{$path} cannot be written.");
        }
        (new self($path, $zip))->write($household, $now);
    }

    private function write(Household $household, DateTimeImmutable $now): void
    {
        $contains = array_fill_keys(array_column(Part::cases(), 'value'), 0);
        foreach (Part::cases() as $part) {
            if ($part === Part::Readings) {
                $contains[$part->value] = $this->readings($household);

                continue;
            }
            foreach ($this->rows($part->table(), $household)->lazyById(100) as $row) {
                $this->add("{$part->value}/{$row->id}.json", json_encode($this->thing($part, $row), self::JSON)."\n");
                $contains[$part->value]++;
            }
        }
        $this->add('archive.json', json_encode([
            'format' => self::FORMAT, 'made_at' => $now->format(DATE_ATOM), 'household' => $household->name,
            'contains' => $contains,
        ], self::JSON)."\n");
        $this->zip->close();
    }

    /** @return array<string, mixed> */
    private function thing(Part $part, stdClass $row): array
    {
        $thing = ['id' => $row->id] + self::told($row, $part->columns());
        foreach ($part->children() as $name => $child) {
            $thing[$name] = [];
            foreach (
                DB::table($child['table'])->where($child['of'], $row->id)->orderBy('id')->get(
                    ['id', ...$child['columns']]
                ) as $one
            ) {
                $thing[$name][] = ['id' => $one->id] + self::told($one, $child['columns']);
                if ($child['table'] === 'photographs') {
                    $this->add(
                        "photographs/{$one->id}.jpg",
                        (string) DB::table('photographs')->where('id', $one->id)->value('jpeg'),
                    );
                }
            }
        }

        return $thing;
    }

    /**
     * @param  list<string>  $columns
     * @return array<string, mixed>
     */
    private static function told(stdClass $row, array $columns): array
    {
        $told = [];
        foreach ($columns as $column) {
            $value = $row->{$column};
            $told[$column] = Part::isJson($column) && is_string($value)
                ? json_decode($value, flags: JSON_THROW_ON_ERROR)
                : $value;
        }

        return $told;
    }

    private function rows(string $table, Household $household): Builder
    {
        return DB::table($table)->where('household_id', $household->id);
    }

    /** What meters have read, so many to a file: one a row would be as many files as seconds. */
    private function readings(Household $household): int
    {
        $count = 0;
        foreach ($this->rows('meters', $household)->orderBy('id')->pluck('id') as $meter) {
            $read = DB::table('readings')->where('meter_id', $meter)->lazyById(self::READINGS_A_FILE);
            foreach ($read->chunk(self::READINGS_A_FILE) as $chunk) {
                $list = array_values($chunk->map(static fn (stdClass $one): array => [
                    'id' => $one->id, 'value' => $one->value, 'read_at' => $one->read_at,
                ])->all());
                $id = $list[0]['id'];
                $this->add("readings/{$id}.json", json_encode(
                    ['id' => $id, 'meter_id' => $meter, 'readings' => $list], JSON_THROW_ON_ERROR,
                )."\n");
                $count += count($list);
            }
        }

        return $count;
    }

    private function add(string $name, string $content): void
    {
        $this->zip->addFromString($name, $content);
        if (++$this->waiting % self::AT_A_TIME === 0) {
            $this->zip->close();
            $this->zip->open($this->path);
        }
    }
}
