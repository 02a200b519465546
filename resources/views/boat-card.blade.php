<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Boat card, {{ $place }}</title>
    <style nonce="{{ request()->attributes->get(\App\Http\Middleware\SafeHeaders::NONCE) }}">
        @page { margin: 11mm 12mm; }
        @media screen { body { padding: 6mm; max-width: 190mm; } }
        @media screen and (max-width: 640px) { body { width: 190mm; zoom: 0.38; } }
        * { color: #000; }
        body { margin: 0; font-family: "DejaVu Sans", "Atkinson Hyperlegible Next Variable", Verdana, sans-serif; font-size: {{ $size }}pt; line-height: 1.25; background: #fff; }
        h1 { font-size: 1.75em; line-height: 1.1; margin: 1mm 0 2mm; }
        h2 { font-size: 1.083em; margin: 0.8em 0 0.2em; border-bottom: 1.2pt solid #000; }
        p { margin: 0 0 1mm; }
        table { border-collapse: collapse; width: 100%; }
        td, th { vertical-align: middle; text-align: left; padding: 0; font-weight: normal; }
        .head td { font-size: 0.917em; }
        .readings td { border: 0.8pt solid #000; padding: 1mm 1.5mm; font-size: 1.083em; font-weight: bold; }
        .readings span { display: block; font-size: 0.68em; font-weight: normal; }
        .figures td { font-size: 2.083em; font-weight: bold; padding-right: 6mm; white-space: nowrap; }
        .figures span { display: block; font-size: 0.42em; font-weight: normal; }
        .ladder td { border-top: 0.5pt solid #000; padding: 1mm 2mm 1mm 0; }
        .ladder b { font-size: 1.083em; }
        .right { text-align: right; }
        .top { margin-top: 0.6em; }
        .drawn { width: 70mm; }
        .step { width: 34mm; }
        .title { font-size: 1.25em; }
        .way { font-size: 1.167em; }
        .number { font-size: 1.417em; font-weight: bold; width: 8mm; }
        .chart td, .chart th { border: 0.5pt solid #000; text-align: center; padding: 0.8mm 1mm; font-size: 0.917em; }
        .chart th { font-size: 0.833em; }
        .chart .here { border: 2.4pt solid #000; font-weight: bold; }
        ul { margin: 0; padding-left: 5mm; }
        li { margin-bottom: 0.6mm; font-size: 0.917em; }
        .small { font-size: 0.792em; }
    </style>
</head>
<body>
<table class="head"><tr><td>{{ $place }}</td><td class="right">{{ $day }}</td></tr></table>
<h1>{{ $headline }}</h1>
<table class="readings"><tr>
@foreach ($readings as $i => [$label, $value])
@if ($i > 0 && $i % 6 === 0)</tr><tr>@endif
<td><span>{{ $label }}</span>{{ $value }}</td>
@endforeach
</tr></table>
@if ($first === null)
<p>{{ $lead }}</p>
@else
<table class="top"><tr>
    <td class="drawn"><img src="{{ $drawing }}" alt="{{ $first->drawing->words }}, {{ $hole }}"></td>
    <td>
        <b class="title">{{ $first->title }}</b><br>{{ ucfirst($hole) }} <span class="small">(the filled one)</span>
        <table class="figures"><tr>
            <td>{{ $first->drop->secondsText }}<span>to the bottom</span></td>
            <td>{{ $first->drop->angleText }}<span>line angle</span></td>
            <td>{{ $first->drop->lineOutText }}<span>line out</span></td>
        </tr></table>
    </td>
</tr></table>
<p><b class="way">{{ $first->cadenceWord }}:</b> {{ implode(', ', $first->cadenceSteps) }}.@if ($counts) <b>One count a second: {{ $counts }}.</b>@endif</p>
@if ($rig !== null)<p><b class="way">Rig:</b> {{ lcfirst($rig) }}</p>@endif
<h2>When nothing bites, one thing at a time</h2>
@if ($move !== null)<p><b>{{ $move }}</b></p>@endif
<table class="ladder">
@forelse ($steps as $i => $step)
<tr>
    <td class="number">{{ $i + 1 }}</td>
    <td class="step"><img src="{{ $step['drawing'] }}" alt=""></td>
    <td><b>{{ $step['words'] }}</b>, {{ $step['when'] }}<br>{{ $step['title'] }}, {{ $step['way'] }}@if ($step['down'] !== '') <span class="small">({{ $step['down'] }})</span>@endif</td>
</tr>
@empty
<tr><td>There is nothing else in the box to change to.</td></tr>
@endforelse
</table>
@endif
<h2>Lightest of this box that stays straight down</h2>
<table class="chart">
<tr><th>depth</th>@foreach ($chart->columns as $column)<th>{{ $column }}</th>@endforeach</tr>
@foreach ($chart->rows as $row)
<tr><th>{{ $row->depth }}</th>@foreach ($row->cells as $cell)<td @if ($cell->here) class="here" @endif>{{ $cell->words }}</td>@endforeach</tr>
@endforeach
</table>
<p class="small">Across: {{ $chart->acrossLabel }}. Today is framed; a dash where none stays within 20°. Estimates: compare, do not quote.</p>
<h2>Take care</h2>
<ul>
@foreach ($cautions as $caution)
<li><b>{{ $caution->about }}.</b> {{ $caution->todo }} {{ $caution->why }}</li>
@endforeach
</ul>
</body>
</html>
