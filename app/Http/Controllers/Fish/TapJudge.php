<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Middleware\ReadableText;
use App\Http\Requests\ActsOnDay;
use App\Http\Requests\ActsOnOuting;
use App\Http\Requests\AnglerRequest;
use App\Models\Outing;
use App\Record\Logbook;
use Closure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Data\Fish\RefusalData;
use Eskith\Telling\Settings\Fault;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use PDOException;
use Throwable;

/** Takes taps one by one: one that cannot be is refused with its reason, and the next is looked at. */
final class TapJudge
{
    /** SQLSTATE class of rows that cannot be: the tap's own fault, unlike a disk that is full. */
    private const CANNOT_BE = '23';

    /** min by which two clocks that are called right may differ. */
    private const LEEWAY_MIN = 10;

    /**
     * @param  list<array{string, AnglerRequest&ActsOnOuting}>  $taps
     * @return array{list<string>, list<RefusalData>} ids that are taken, and what is refused
     */
    public function all(Outing $outing, array $taps): array
    {
        return self::judged($taps, static function (AnglerRequest&ActsOnOuting $tap) use ($outing): void {
            self::demandThen($outing, $tap->tapped());
            self::done($tap, static function () use ($outing, $tap): void {
                if ($tap->boolean('extend')) {
                    Logbook::of($tap->angler())->lasted($outing, max($tap->tapped(), $tap->date('at')));
                }
                $tap->act($outing);
            });
        });
    }

    /**
     * @param  list<array{string, AnglerRequest&ActsOnDay}>  $taps  of no outing
     * @return array{list<string>, list<RefusalData>} as all()
     */
    public function ofTheDay(array $taps): array
    {
        return self::judged($taps, static function (AnglerRequest&ActsOnDay $tap): void {
            self::demandPast($tap->tapped());
            self::done($tap, $tap->actOnDay(...));
        });
    }

    /**
     * @template T of AnglerRequest
     *
     * @param  list<array{string, T}>  $taps
     * @param  callable(T): void  $do
     * @return array{list<string>, list<RefusalData>}
     */
    private static function judged(array $taps, callable $do): array
    {
        [$taken, $refused] = [[], []];
        foreach ($taps as [$id, $tap]) {
            $refusal = self::refusal($id, $tap, static fn () => $do($tap));
            if ($refusal === null) {
                $taken[] = $id;
            } else {
                $refused[] = $refusal;
            }
        }

        return [$taken, $refused];
    }

    /** @param  Closure(): void  $act */
    private static function done(AnglerRequest $tap, Closure $act): void
    {
        $tap->validateResolved();
        DB::transaction($act);
    }

    /** @param  callable(): void  $do */
    private static function refusal(string $id, AnglerRequest $tap, callable $do): ?RefusalData
    {
        try {
            $unread = ReadableText::fault($tap->all());
            if ($unread !== null) {
                throw InvalidInput::because($unread, "There are characters in this that can't be read. Type it again.");
            }
            $do();

            return null;
        } catch (ValidationException $bad) {
            return new RefusalData($id, $bad->getMessage(), (string) array_key_first($bad->errors()));
        } catch (InvalidInput $bad) {
            return new RefusalData($id, Fault::words($bad, $tap->angler()->settings()->units), $bad->field);
        } catch (Throwable $fault) {
            // What keeps the record from being written at all is no fault of the tap: all of them wait.
            $own = ! $fault instanceof PDOException
                || ($fault instanceof QueryException && str_starts_with((string) $fault->getCode(), self::CANNOT_BE));
            if (! $own) {
                throw $fault;
            }
            report($fault);

            return new RefusalData($id, 'This one went wrong on our side. Send it again later, or keep it as a file.', 'trouble');
        }
    }

    /**
     * A clock that was wrong is seen by this: nothing is tapped before its outing begins, or later than now.
     *
     * @throws InvalidInput
     */
    private static function demandThen(Outing $outing, ?Carbon $tapped): void
    {
        if ($tapped?->lessThan($outing->started_at->copy()->subMinutes(self::LEEWAY_MIN)) === true) {
            throw InvalidInput::because('at', 'By its clock this was tapped before the outing began. Say when it was.');
        }
        self::demandPast($tapped);
    }

    /** @throws InvalidInput */
    private static function demandPast(?Carbon $tapped): void
    {
        if ($tapped?->greaterThan(Carbon::now()->addMinutes(self::LEEWAY_MIN)) === true) {
            throw InvalidInput::because('at', 'By its clock this was tapped later than now. Say when it was.');
        }
    }
}
