{{-- Laid out as the page that takes its place, so that nothing jumps. --}}
<div data-first-sight aria-busy="true" class="grid min-h-dvh grid-cols-[58px_minmax(0,1fr)] lg:grid-cols-[304px_minmax(0,1fr)]">
    <div class="bg-linear-to-b from-[var(--water-top)] via-[var(--water-mid)] to-[var(--water-deep)]"></div>
    <div>
        <div class="h-[57px] border-b border-rule lg:h-[59px]"></div>
        @if ($sight->hasStrip)
            <div class="h-[72px] border-b border-rule bg-paper"></div>
        @endif
        <div class="px-4 py-4 lg:px-7">
            <h1 class="text-[23px] lg:text-[25px]">{{ $sight->heading }}</h1>
            <p class="mt-1 text-slate">{{ $sight->lead }}</p>
        </div>
    </div>
</div>
