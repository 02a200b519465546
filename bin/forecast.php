<?php

declare(strict_types=1);

// The answers of bin/forecast: made up from the hour and the place, the same every time.
header('Content-Type: application/json');
if (parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH) !== '/forecast.json') {
    http_response_code(404);
    exit('{"message":"Ask /forecast.json with latitude and longitude."}');
}
[$latitude, $longitude] = [(float) ($_GET['latitude'] ?? 45.0), (float) ($_GET['longitude'] ?? 0.0)];
$hours = [];
$many = max(1, min(500, (int) ($_GET['hours'] ?? 48)));
for ($first = intdiv(time(), 3600), $i = 0; $i < $many; $i++) {
    $hour = $first + $i;
    $front = sin($hour / 31 + $longitude) + 0.6 * sin($hour / 13.7 + $latitude);
    $wind = max(0.4, 4.2 + 2.1 * $front);
    $hours[] = [
        'at' => gmdate('Y-m-d\TH:i:s\Z', 3600 * $hour), 'wind_ms' => round($wind, 1), 'gust_ms' => round(1.45 * $wind, 1),
        'wind_from_deg' => round(fmod(250 + 70 * $front + 720, 360)), 'cloud' => round(max(0.0, min(1.0, 0.5 + 0.4 * $front)), 2),
        'air_c' => round(7 - 1.5 * $front, 1),
    ];
}
echo json_encode(['format' => 'eskith-forecast', 'version' => 1, 'source' => 'made-up forecast', 'hours' => $hours]);
