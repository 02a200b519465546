<?php

declare(strict_types=1);

// Run by bin/words. What is heard in the demo is matched with the templates: the first that fits is a template's example; one that
// the demo never says is filled with samples.

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Eskith\Telling\Question;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;
use Inertia\Inertia;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\SaidWords;
use Tests\Support\Situations;

const DRAWN = 60;

/** What stands for a value where the demo never says it; a number for all others. */
const SAMPLES = [
    'water' => 'Hallowmere', 'place' => 'North bar', 'spot' => 'North bar', 'lure' => 'white half-ounce blade', 'name' => 'Ines',
    'depth' => '26 ft', 'away' => '49 ft', 'far' => '300 ft', 'length' => '24 in', 'seconds' => '9 s', 'minutes' => '20 min',
    'speed' => '0.3 mph', 'flow' => '0.3 mph', 'angle' => '15°', 'lean' => '15°', 'temperature' => '37 °F', 'at' => '37 °F',
    'mass' => '½ oz', 'weight' => '½ oz', 'lift' => '4 in', 'species' => 'walleye', 'fish' => 'walleye', 'hole' => 'middle',
    'finish' => 'gold', 'cadence' => 'low hop', 'words' => '½ oz blade, white', 'title' => '½ oz blade, white', 'where' => 'Straight down',
];

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
(new DemoSeeder)->run();
$angler = User::query()->where('email', config('eskith.demo_email'))->sole();

/** @return list<string> every text in what is answered at an address */
$heard = static function (string $method, string $address, array $given = []) use ($app, $angler): array {
    Auth::login($angler);
    $request = Request::create($address, $method, $given, server: [
        'HTTP_X_INERTIA' => 'true', 'HTTP_X_INERTIA_VERSION' => (string) Inertia::getVersion(), 'HTTP_ACCEPT' => 'application/json',
    ]);
    $answer = json_decode((string) $app->make(Kernel::class)->handle($request)->getContent(), true);
    $texts = [];
    if (is_array($answer)) {
        array_walk_recursive($answer, static function (mixed $text) use (&$texts): void {
            is_string($text) && $texts[] = $text;
        });
    }

    return $texts;
};

$texts = [];
foreach (Route::getRoutes()->getRoutesByMethod()['GET'] as $route) {
    if (! str_contains($route->uri(), '{') && ! str_contains($route->uri(), 'export') && $route->uri() !== 'up') {
        array_push($texts, ...$heard('GET', '/'.ltrim($route->uri(), '/')));
    }
}
$random = new Randomizer(new Mt19937(29));
for ($i = 0; $i < DRAWN; $i++) {
    $tried = Situations::drawn($random);
    $answer = $heard('GET', '/answer', $tried);
    array_push($texts, ...$answer);
    $keys = array_values(array_filter($answer, static fn (string $one): bool => preg_match('/^\d+\.\w*\.\w+$/', $one) === 1));
    foreach ($keys === [] || $i % 4 > 0 ? [] : Question::cases() as $question) {
        $given = [...$tried, ...Situations::given($question, $keys[0], $keys[$i % count($keys)])];
        array_push($texts, ...$heard($question->isLong() ? 'POST' : 'GET', "/{$question->value}", $given));
    }
}
$sentences = [];
foreach (array_unique($texts) as $text) {
    foreach ([$text, ...preg_split('/(?<=[.?!])\s+(?=[A-Z“"])|; |: /u', $text) ?: []] as $one) {
        $sentences[trim($one)] = true;
    }
}
$sentences = array_keys($sentences);

/** The first that a template could have made; null for none. */
$example = static function (string $template) use ($sentences): ?string {
    $pattern = (string) preg_replace_callback(
        '/\\\\\{(\w+)(?:\\\\\|(.*?)\\\\\|(.*?))?\\\\\}/u', static fn (array $place): string => isset($place[3])
            ? '(?:'.str_replace('\#', '.+?', $place[2]).'|'.str_replace('\#', '.+?', $place[3]).')'
            : '.+?',
        preg_quote($template, '/'),
    );
    foreach ($sentences as $sentence) {
        if (preg_match("/^{$pattern}$/ui", (string) $sentence) === 1) {
            return (string) $sentence;
        }
    }

    return null;
};

function filled(string $template): string
{
    return (string) preg_replace_callback('/\{(\w+)(?:\|[^{}|]*\|([^{}|]*))?\}/', static fn (array $place): string => isset($place[2])
        ? str_replace('#', '3', $place[2])
        : SAMPLES[$place[1]] ?? '3', $template);
}

$scripts = json_decode((string) shell_exec('node tests/Support/saidWords.mjs'), true, 16, JSON_THROW_ON_ERROR);
$wanted = $argv[1] ?? '';
$count = 0;
foreach ([...SaidWords::inCode(), ...$scripts] as ['file' => $file, 'line' => $line, 'text' => $text]) {
    if ($wanted !== '' && ! str_contains(mb_strtolower($text), mb_strtolower($wanted))) {
        continue;
    }
    $count++;
    echo "{$file}:{$line}\t{$text}".(str_contains($text, '{') ? "\t".($example($text) ?? filled($text)) : '')."\n";
}
fwrite(STDERR, "{$count} texts.\n");
