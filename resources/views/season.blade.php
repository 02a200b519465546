<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>The season</title>
    <style nonce="{{ request()->attributes->get(\App\Http\Middleware\SafeHeaders::NONCE) }}">
        @page { margin: 13mm 14mm; }
        @media screen { body { padding: 6mm; max-width: 190mm; } }
        * { color: #000; }
        body { margin: 0; font-family: "DejaVu Sans", "Atkinson Hyperlegible Next Variable", Verdana, sans-serif; font-size: 9.5pt; line-height: 1.3; background: #fff; }
        h1 { font-size: 1.8em; line-height: 1.1; margin: 0 0 1mm; }
        h2 { font-size: 1.1em; margin: 1.1em 0 0.2em; border-bottom: 1.2pt solid #000; }
        p { margin: 0 0 1.2mm; }
        table { border-collapse: collapse; width: 100%; }
        td, th { text-align: left; padding: 0.6mm 2mm 0.6mm 0; font-weight: normal; vertical-align: top; border-bottom: 0.4pt solid #999; }
        .page { page-break-after: always; }
        .page:last-child { page-break-after: auto; }
        .factor { font-weight: bold; }
        .small { font-size: 0.85em; }
    </style>
</head>
<body>
@forelse ($pages as $page)
    <section class="page">
        <h1>{{ $page['water'] }}</h1>
        <p>{{ ucfirst($page['sum']) }}</p>
        <h2>What may be said</h2>
        @forelse ($page['said'] as $words)
            <p>{{ $words }}</p>
        @empty
            <p>Nothing is clear yet.</p>
        @endforelse
        @if ($page['rates'] !== [])
            <h2>Bites an hour</h2>
            <table>
                @foreach ($page['rates'] as $factor => $levels)
                    @foreach ($levels as $i => [$level, $words])
                        <tr><td class="factor">{{ $i === 0 ? $factor : '' }}</td><td>{{ $level }}</td><td>{{ $words }}</td></tr>
                    @endforeach
                @endforeach
            </table>
        @endif
        <h2>Outings</h2>
        <table>
            @foreach ($page['outings'] as $cells)
                <tr>@foreach ($cells as $cell)<td>{{ $cell }}</td>@endforeach</tr>
            @endforeach
        </table>
        @if ($page['more'] > 0)
            <p class="small">And {{ $page['more'] }} before them.</p>
        @endif
        <p class="small">Intervals hold the truth in about eight of ten. Landed of bites at the right.</p>
    </section>
@empty
    <h1>Nothing is kept of that</h1>
@endforelse
</body>
</html>
