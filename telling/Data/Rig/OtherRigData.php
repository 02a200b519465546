<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** The same rig as another school ties it, and what that trades. */
final readonly class OtherRigData
{
    /**
     * @param  list<string>  $trades  a few words each: "starts sooner"
     * @param  string  $figures  what it loses, hooks and holds, or how far it lifts; '' where it changes none of them
     */
    public function __construct(public string $label, public array $trades, public string $figures = '')
    {
    }
}
