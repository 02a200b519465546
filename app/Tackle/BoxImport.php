<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Database\Caps;
use App\Models\Lure;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;

/** Takes lures in from a file: first as a plan, line by line; then the good ones in one transaction. */
final class BoxImport
{
    /** Under which the ids of rows without one are made, so that the same file again changes nothing. */
    private const NAMESPACE = '6f6e9f0a-2f0e-5d3b-9d53-0c7f7d3f1b11';

    /** @var array<int, array{status: string, words: string, uuid: string, columns: array<string, mixed>}> */
    private array $plan = [];

    private function __construct(private readonly User $user)
    {
    }

    /** @throws InvalidInput when the file as a whole cannot be used */
    public static function of(User $user, string $bytes): self
    {
        $import = new self($user);
        $have = $user->lures()->get()->keyBy('uuid');
        $seen = [];
        $room = Caps::of('lures') - $have->count();
        foreach (BoxFile::read($bytes) as $line => $fields) {
            $planned = $import->line($fields, $have, $seen);
            if ($planned['status'] === 'add' && $room-- < 1) {
                $planned = [
                    'status' => 'refused',
                    'words' => Words::of(
                        'A box holds at most {most} lures; there is no room for this one.', most: number_format(Caps::of('lures')),
                    ),
                    'uuid' => '', 'columns' => [],
                ];
            }
            $import->plan[$line] = $planned;
        }

        return $import;
    }

    /**
     * @return array<int, array{status: string, words: string, uuid: string, columns: array<string, mixed>}> by line of the
     * file: add, change, same or refused
     */
    public function plan(): array
    {
        return $this->plan;
    }

    /** Takes the good rows in, all together; what somebody else has put in meanwhile under the same id stays. */
    public function apply(): void
    {
        DB::transaction(function (): void {
            $have = $this->user->lures()->pluck('uuid')->flip();
            $room = Caps::of('lures') - $have->count();
            $position = Coerce::whole($this->user->lures()->max('position'));
            $new = [];
            foreach ($this->plan as $line) {
                if ($line['status'] === 'change') {
                    $this->user->lures()->where('uuid', $line['uuid'])->first()?->update($line['columns']);
                } elseif ($line['status'] === 'add' && ! $have->has($line['uuid']) && $room-- > 0) {
                    $model = new Lure(
                        [
                            'quantity' => 1, 'lost' => 0, 'notes' => '', 'red_near_hooks' => false, 'buy_again' => false,
                            ...$line['columns'], 'user_id' => $this->user->id, 'uuid' => $line['uuid'],
                            'position' => ++$position,
                        ],
                    );
                    $new[] = [
                        'accents' => null, 'balance_x' => null, 'balance_y' => null, 'build' => null, 'hooks' => null,
                        'retired_at' => null, 'version' => 1, ...$model->getAttributes(), 'created_at' => Carbon::now(),
                        'updated_at' => Carbon::now(),
                    ];
                }
            }
            foreach (array_chunk($new, 40) as $chunk) {
                Lure::query()->insert($chunk);
            }
        });
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @param  Collection<string, Lure>  $have
     * @param  array<string, int>  $seen  how often a row or id has come before
     * @return array{status: string, words: string, uuid: string, columns: array<string, mixed>}
     */
    private function line(array $fields, Collection $have, array &$seen): array
    {
        try {
            $uuid = self::uuid($fields, $seen);
            unset($fields['id']);
            $row = $have->get($uuid);
            $columns = LureForm::columns($fields, $this->user->settings()->units->lureWeight, $row);
        } catch (InvalidInput $bad) {
            return [
                'status' => 'refused', 'words' => ($bad->field === '' ? '' : "{$bad->field}: ").$bad->getMessage(),
                'uuid' => '', 'columns' => [],
            ];
        }
        $told = static fn (Lure $lure): string => "{$lure->kept()->typed()}, {$lure->finish}";
        if ($row === null) {
            return ['status' => 'add', 'words' => $told(new Lure($columns)), 'uuid' => $uuid, 'columns' => $columns];
        }
        $after = (clone $row)->fill($columns);
        $before = LureForm::fields($row);
        $changed = array_keys(
            array_filter(
                LureForm::fields($after),
                static fn (mixed $value, string $field): bool => $value != $before[$field], ARRAY_FILTER_USE_BOTH,
            ),
        );
        if ($changed === []) {
            return ['status' => 'same', 'words' => $told($row), 'uuid' => $uuid, 'columns' => []];
        }

        return ['status' => 'change', 'words' => $told($row).': '.implode(', ', $changed), 'uuid' => $uuid, 'columns' => $columns];
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @param  array<string, int>  $seen
     *
     * @throws InvalidInput
     */
    private static function uuid(array $fields, array &$seen): string
    {
        $id = $fields['id'] ?? '';
        if ($id !== '') {
            if (! is_string($id) || ! Str::isUuid($id)) {
                throw InvalidInput::because('id', 'The id is one that Eskith gave. Leave it empty for a new lure.');
            }
            $id = mb_strtolower($id);
            if (isset($seen[$id])) {
                throw InvalidInput::because('id', 'The same id stands on a line before.');
            }
            $seen[$id] = 1;

            return $id;
        }
        unset($fields['id']);
        $content = (string) json_encode($fields, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
        $seen[$content] = ($seen[$content] ?? 0) + 1;

        return Uuid::uuid5(self::NAMESPACE, $content.'#'.$seen[$content])->toString();
    }
}
