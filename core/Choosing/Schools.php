<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\BladeFall;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\SpoonFall;
use Eskith\Core\Rig\Reel;
use Eskith\Core\Tackle\FactoryHooks;
use Eskith\Core\Tackle\Lure;

/** The schools an angler follows where anglers disagree. */
final readonly class Schools
{
    public function __construct(
        public HoleSchool $hole = HoleSchool::MiddleFirst,
        public FinishSchool $finish = FinishSchool::ForageAndSilhouette,
        public VigourSchool $vigour = VigourSchool::BarelyMove,
        /** Always a little gold somewhere on the lure. */
        public bool $gold = false,
        public BladeFall $bladeFall = BladeFall::Controlled,
        public SpoonFall $spoonFall = SpoonFall::Slack,
        public ShoreSchool $shore = ShoreSchool::Lee,
        public Reel $reel = Reel::Spinning,
        public FactoryHooks $factoryHooks = FactoryHooks::Replaced,
    ) {
    }

    public function withOtherHole(): self
    {
        return $this->with(hole: $this->hole === HoleSchool::MiddleFirst ? HoleSchool::LevelLift : HoleSchool::MiddleFirst);
    }

    public function withOtherFinish(): self
    {
        return $this->with(
            finish: $this->finish === FinishSchool::FlashByLight ? FinishSchool::ForageAndSilhouette : FinishSchool::FlashByLight,
        );
    }

    public function withOtherVigour(): self
    {
        return $this->with(vigour: $this->vigour === VigourSchool::BarelyMove ? VigourSchool::SnapAwake : VigourSchool::BarelyMove);
    }

    /** The other way to let this lure down; null for one that anglers do not disagree about. */
    public function withOtherFall(Lure $lure): ?self
    {
        return match (true) {
            $lure->family->hangs() => $this->with(bladeFall: $this->bladeFall->other()),
            $lure->isSpoon() => $this->with(spoonFall: $this->spoonFall->other()),
            default => null,
        };
    }

    /** The name of the way this lure is let down; null for one that anglers do not disagree about. */
    public function fallWord(Lure $lure): ?string
    {
        return match (true) {
            $lure->family->hangs() => $this->bladeFall->word(),
            $lure->isSpoon() => $this->spoonFall->word(),
            default => null,
        };
    }

    /** What the way this lure is let down trades; null for one that anglers do not disagree about. */
    public function fallSays(Lure $lure): ?string
    {
        return match (true) {
            $lure->family->hangs() => $this->bladeFall->says(),
            $lure->isSpoon() => $this->spoonFall->says(),
            default => null,
        };
    }

    /** How a lure is let down between two lifts, where a cadence lets it down as $usual. */
    public function fall(FallControl $usual, Lure $lure): FallControl
    {
        return match (true) {
            $usual === FallControl::Controlled
                && $lure->family->hangs()
                && $this->bladeFall === BladeFall::Free => FallControl::Free,
            $usual === FallControl::Slack && $lure->isSpoon() && $this->spoonFall === SpoonFall::Taut => FallControl::Controlled,
            default => $usual,
        };
    }

    /** @return list<array{string, self}> each school not followed by name, with it followed in place of its opposite */
    public function others(): array
    {
        [$hole, $finish, $vigour] = [$this->withOtherHole(), $this->withOtherFinish(), $this->withOtherVigour()];

        return [[$hole->hole->word(), $hole], [$finish->finish->word(), $finish], [$vigour->vigour->word(), $vigour]];
    }

    private function with(
        ?HoleSchool $hole = null,
        ?FinishSchool $finish = null,
        ?VigourSchool $vigour = null,
        ?BladeFall $bladeFall = null,
        ?SpoonFall $spoonFall = null,
    ): self {
        return new self(
            hole: $hole ?? $this->hole,
            finish: $finish ?? $this->finish,
            vigour: $vigour ?? $this->vigour,
            gold: $this->gold,
            bladeFall: $bladeFall ?? $this->bladeFall,
            spoonFall: $spoonFall ?? $this->spoonFall,
            shore: $this->shore,
            reel: $this->reel,
            factoryHooks: $this->factoryHooks,
        );
    }
}
