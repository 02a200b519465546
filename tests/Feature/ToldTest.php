<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What is told once is told on the next page, whatever the page before it, or the worker, asks for meanwhile. */
final class ToldTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->anglerOnTheLake());
        $this->get('/water');
    }

    public function test_a_refusal_waits_for_the_page(): void
    {
        $this->from('/water')->post('/measurements', ['kind' => 'drop'])->assertSessionHasErrors('uuid');
        $this->asides();
        self::assertArrayHasKey('uuid', $this->get('/water')->inertiaProps('errors'));
        self::assertSame([], $this->get('/water')->inertiaProps('errors'), 'and is told once');
    }

    public function test_so_does_what_was_done(): void
    {
        $drift = ['uuid' => (string) Str::uuid(), 'kind' => 'drift', 'distance' => '100 ft', 'seconds' => '60 s'];
        $said = $this->post('/measurements', $drift)->assertSessionHas('said')->getSession()->get('said');
        $this->asides();
        self::assertSame($said, $this->get('/rig')->inertiaProps('said'));
        self::assertNull($this->get('/rig')->inertiaProps('said'));
    }

    public function test_what_is_asked_beside_the_page_writes_no_visit_and_is_no_page_to_go_back_to(): void
    {
        $before = Session::all();
        $this->asides();
        self::assertSame($before, Session::all());
    }

    /** As the page asks, and the worker that keeps pages for later. */
    private function asides(): void
    {
        $this->getJson('/answer')->assertOk();
        $this->putJson('/readings', ['readings' => ['depth' => '20 ft']])->assertOk();
        $this->get('/fish', ['Accept' => '*/*'])->assertOk();
        $this->get('/work', ['Accept' => 'text/html', 'Purpose' => 'prefetch'])->assertOk();
    }
}
