<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** The schools an angler follows where anglers disagree. */
final readonly class Schools
{
    public function __construct(
        public HoleSchool $hole = HoleSchool::MiddleFirst,
        public FinishSchool $finish = FinishSchool::ForageAndSilhouette,
        public VigourSchool $vigour = VigourSchool::BarelyMove,
        /** Always a little gold somewhere on the lure. */
        public bool $gold = false,
    ) {
    }

    public function withOtherHole(): self
    {
        return new self($this->hole === HoleSchool::MiddleFirst ? HoleSchool::LevelLift : HoleSchool::MiddleFirst, $this->finish, $this->vigour, $this->gold);
    }

    public function withOtherFinish(): self
    {
        return new self($this->hole, $this->finish === FinishSchool::FlashByLight ? FinishSchool::ForageAndSilhouette : FinishSchool::FlashByLight, $this->vigour, $this->gold);
    }

    public function withOtherVigour(): self
    {
        return new self($this->hole, $this->finish, $this->vigour === VigourSchool::BarelyMove ? VigourSchool::SnapAwake : VigourSchool::BarelyMove, $this->gold);
    }

    /** @return list<array{string, self}> each school not followed by name, with it followed in place of its opposite */
    public function others(): array
    {
        [$hole, $finish, $vigour] = [$this->withOtherHole(), $this->withOtherFinish(), $this->withOtherVigour()];

        return [[$hole->hole->word(), $hole], [$finish->finish->word(), $finish], [$vigour->vigour->word(), $vigour]];
    }
}
