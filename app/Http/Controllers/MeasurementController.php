<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Choosing\SingleDrop;
use App\Enums\MeasurementKind;
use App\Http\Requests\Measured;
use App\Models\Measurement;
use App\Models\User;
use App\Readings\ReadingBook;
use App\Rows\Calibrations;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What the angler measures takes the place of the estimate, until it is taken away again. */
final class MeasurementController extends Controller
{
    public function store(Measured $request): RedirectResponse
    {
        $user = $this->angler($request);
        $uuid = (string) $request->string('uuid');
        $said = DB::transaction(fn (): string => match (true) {
            $user->measurements()->where('uuid', $uuid)->exists() => 'Kept already.',
            $request->kind() === MeasurementKind::Drop => $this->drop($user, $uuid, $request),
            $request->kind() === MeasurementKind::Hang => $this->hang($user, $uuid, $request),
            default => $this->drift($user, $uuid, $request),
        });

        return back()->with('said', $said);
    }

    public function destroy(Measurement $measurement): RedirectResponse
    {
        $this->authorize('own', $measurement);
        $measurement->delete();

        return back()->with('said', 'Taken away; the estimate is used again.');
    }

    private function drop(User $user, string $uuid, Measured $request): string
    {
        $desk = SingleDrop::at($user, (string) $request->string('pick'));
        $depth = $desk->situation->columnIfStill ?? throw InvalidInput::because('depth', 'Read the depth first.');
        $seconds = $request->seconds();
        $drag = Fall::dragFromTimedDrop($desk->lure->body, $depth, $seconds);
        $say = $desk->situation->say;
        $this->keep($user, $uuid, MeasurementKind::Drop, $drag, "timed over {$say->depth($depth->depthM)} in ".round($seconds, 1).' s', $desk->row->id, $desk->candidate()->hole()?->name);

        return 'Kept. Seconds to the bottom now rest on your timed drop.';
    }

    private function hang(User $user, string $uuid, Measured $request): string
    {
        $desk = SingleDrop::at($user, (string) $request->string('pick'));
        $hole = $desk->candidate()->hole() ?? throw InvalidInput::because('pick', 'This lure has no line holes to hang it from.');
        $this->keep($user, $uuid, MeasurementKind::Hang, $request->angle(), 'read with a gauge', $desk->row->id, $hole->name);
        try {
            $fit = Calibrations::of($user)->fit($desk->row->id, $desk->row->holes);
        } catch (InvalidInput $notYet) {
            return "Kept. {$notYet->getMessage()}";
        }

        return sprintf('Kept. The balance point is %.1f mm from the nose and %.1f mm up; the readings miss it by %.2f mm.', $fit->balance->x, $fit->balance->y, $fit->rmsMm);
    }

    private function drift(User $user, string $uuid, Measured $request): string
    {
        $book = ReadingBook::of($user);
        $say = $book->situation(0.0002)->say;
        $speed = $request->distance() / $request->seconds();
        ReadingBook::keep($user, ['drift' => $say->speed($speed)]);
        $wind = $book->si('wind');
        if ($wind === null || $wind < 0.5) {
            return "Kept as today's drift: {$say->speed($speed)}. Read the wind too, and later drifts can be told from it.";
        }
        $this->keep($user, $uuid, MeasurementKind::Drift, $speed / $wind, "{$say->speed($speed)} of drift in {$say->speed($wind)} of wind", null, null);

        return "Kept: {$say->speed($speed)} of drift. From now on the wind is reckoned by it.";
    }

    private function keep(User $user, string $uuid, MeasurementKind $kind, float $value, string $method, ?int $lureId, ?string $hole): void
    {
        $user->measurements()->create([
            'uuid' => $uuid, 'kind' => $kind->value, 'lure_id' => $lureId, 'hole' => $hole, 'value' => $value, 'method' => $method, 'measured_at' => Carbon::now(),
        ]);
    }
}
