<?php

declare(strict_types=1);

namespace Eskith\Telling\Rig;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Rigged\Finding;
use Eskith\Core\Choosing\Rigged\RigCheck;
use Eskith\Core\Choosing\Rigged\RigChecks;
use Eskith\Core\Choosing\Rigged\RigHeadline;
use Eskith\Core\Choosing\Rigged\RigReport;
use Eskith\Core\Choosing\Rigged\RigTrades;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Line;
use Eskith\Core\Rig\LostLift;
use Eskith\Core\Rig\Material;
use Eskith\Core\Rig\RodLength;
use Eskith\Core\Tackle\Mass;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Rig\FindingData;
use Eskith\Telling\Data\Rig\LossData;
use Eskith\Telling\Data\Rig\OtherRigData;
use Eskith\Telling\Data\Rig\ReachData;
use Eskith\Telling\Data\Rig\RigData;
use Eskith\Telling\Data\Rig\RigHooksData;
use Eskith\Telling\Data\Rig\RigInShortData;
use Eskith\Telling\Kit;

/** The rod at hand, checked with the lure that is chosen, and what other schools would tie. */
final readonly class RigPresenter
{
    /** lb of a light and of a stiff leader, and of a line that goes straight to the lure. */
    private const LIGHT_LB = 8;

    private const STIFF_LB = 17;

    private const STRAIGHT_LB = 12;

    private const BRAID_LB = 20;

    /** mm of the lines that a lift's loss is told for. */
    private const LINES_MM = [0.14, 0.20, 0.28];

    private RigAtHand $atHand;

    private UnitFormat $say;

    private function __construct(Kit $kit, private SingleDrop $drop)
    {
        $this->atHand = RigAtHand::of($kit->hand);
        $this->say = $drop->situation->say;
    }

    /** The rig in a sentence, and what is to be mended, for a pick of the ranked box. */
    public static function inShort(RankedBox $rankedBox, Candidate $candidate): RigInShortData
    {
        $report = RigAtHand::of($rankedBox->kit->hand)->report(
            $rankedBox->row($candidate->lure), $rankedBox->situation, $candidate, $rankedBox->book,
        );
        $findings = (new RigChecks($report))->findings();
        $care = array_values(array_filter(
            $findings, static fn (Finding $finding): bool => $finding->check === RigCheck::Care && $finding->good === false,
        ));

        return new RigInShortData(
            wrong: RigHeadline::wrong($findings),
            bears: $report->bears(),
            care: $care === [] ? null : Words::sentences($care[0]->says, $care[0]->mend),
        );
    }

    public static function of(Kit $kit, SingleDrop $drop): RigData
    {
        return (new self($kit, $drop))->checked();
    }

    private function checked(): RigData
    {
        $drop = $this->drop;
        $rig = $this->atHand->read->rig;
        $assumed = $this->atHand->read->assumed;
        $report = $this->atHand->report($drop->row, $drop->situation, $drop->candidate(), $drop->book);
        $findings = (new RigChecks($report))->findings();

        return new RigData(
            headline: RigHeadline::of($report, $findings),
            starts: $report->starts(),
            hooksTo: $report->hooksTo(),
            holds: $report->holds(),
            weakest: $report->chain->weakest->name,
            findings: array_map(static fn (Finding $finding): FindingData => new FindingData(
                $finding->check->value, $finding->check->word(), $finding->good, $finding->says, $finding->mend,
            ), $findings),
            others: $this->others($report),
            reaches: $this->reaches($report),
            marked: min(
                1.0,
                ($drop->situation->vertical() ? $drop->situation->workedM() ?? 0.0 : $drop->situation->aim->castM)
                    / RigReport::FARTHEST_M,
            ),
            diameters: array_map(static fn (float $mm): string => Unit::Millimetre->print($mm / 1000), self::LINES_MM),
            losses: $this->losses($report),
            assumed: $assumed === [] ? '' : Words::of('Assumed: {assumed}.', assumed: implode(', ', $assumed)),
            lineOutM: $report->lineOutM(),
            leaderM: $rig->leaderM,
            line: $this->atHand->line->name ?? $this->named($rig->line),
            leader: $rig->leader === null ? 'no leader' : $this->named($rig->leader),
            connector: $rig->connector->word(),
            worn: $report->worn > 0,
            cast: ! $drop->situation->vertical(),
            hooks: new RigHooksData(
                lure: $drop->row->id(),
                version: (int) $drop->row->text('version'),
                spoon: $drop->lure->isSpoon(),
                attach: match ($report->hooks->loops) {
                    true => 'loop',
                    false => 'ring',
                    null => '',
                },
                stinger: $report->hooks->stinger,
                drilled: $report->hooks->twoEnded,
                weedless: $report->hooks->weedless,
            ),
        );
    }

    /** @return list<OtherRigData> what the other schools would tie in its place */
    private function others(RigReport $report): array
    {
        $rig = $report->rig;
        $light = Line::of(Material::Fluorocarbon, self::LIGHT_LB * RodRead::POUND_N);
        $stiff = Line::of(Material::Fluorocarbon, self::STIFF_LB * RodRead::POUND_N);
        $braid = Line::of(Material::Braid, self::BRAID_LB * RodRead::POUND_N);
        $straight = Line::of(Material::Fluorocarbon, self::STRAIGHT_LB * RodRead::POUND_N);
        $isStiff = ($rig->leader->breakN ?? 0.0) > self::STRAIGHT_LB * RodRead::POUND_N;
        $others = [
            $rig->line->material === Material::Braid
                ? [Words::of('{straight} straight to the lure', straight: $this->named($straight)), $rig->straight($straight)]
                : [Words::of(
                    '{braid} and a leader of {light}', braid: $this->named($braid), light: $this->named($light),
                ), $rig->with(line: $braid, leader: $light)],
            ...($rig->leader === null
                ? []
                : [$isStiff
                    ? [Words::of('a light leader, {light}', light: $this->named($light)), $rig->with(leader: $light)]
                    : [Words::of('a stiff leader, {stiff}', stiff: $this->named($stiff)), $rig->with(leader: $stiff)]]),
            $rig->connector === Connector::Direct
                ? ['a small snap', $rig->with(connector: Connector::Snap)]
                : ['tied direct', $rig->with(connector: Connector::Direct)],
        ];

        return [
            ...array_map(static function (array $other) use ($report): OtherRigData {
                [$label, $rig] = $other;
                $tied = $report->on($rig);
                $figures = Words::of(
                    'lost of a lift {starts} · hooks to {reach} · holds {holds}',
                    starts: $tied->starts(), reach: $tied->hooksTo(), holds: $tied->holds(),
                );

                return new OtherRigData($label, (new RigTrades($tied, $report))->words(), $figures);
            }, $others),
            ...$this->otherRodAndReel($report),
        ];
    }

    /** @return list<OtherRigData> which change nothing about what the line loses or holds */
    private function otherRodAndReel(RigReport $report): array
    {
        $length = RodLength::other($report->rig->rodM);
        $reel = $report->situation->schools->reel->other();

        return [
            new OtherRigData(
                Words::of('a rod of {length}', length: $this->say->depth($length)), RodLength::trades($length, $report->rig->rodM),
                Words::of('lifts {reach} with the arm', reach: $this->say->depth($report->rig->with(rodM: $length)->liftReachM())),
            ),
            new OtherRigData($reel->word(), $reel->trades($report->candidate->lure->massKg)),
        ];
    }

    /** @return list<ReachData> with lines of each material as strong as this one */
    private function reaches(RigReport $report): array
    {
        $rig = $report->rig;

        return array_map(static function (Material $material) use ($report, $rig): ReachData {
            $mine = $material === $rig->line->material;
            $tied = $mine ? $report : $report->on($rig->with(line: Line::of($material, $rig->line->breakN)));

            [$down, $out] = [$tied->hooksDownM(), $tied->hooksOutM()];

            return new ReachData(
                material: $material->word(),
                down: $down === null ? null : $down / RigReport::FARTHEST_M,
                downText: $tied->reachSaid($down),
                out: $out === null ? null : $out / RigReport::FARTHEST_M,
                outText: $tied->reachSaid($out),
                mine: $mine,
            );
        }, Material::cases());
    }

    /** @return list<LossData> for each weight of the fish's series */
    private function losses(RigReport $report): array
    {
        return array_map(function (float $kg) use ($report): LossData {
            $lost = array_map(static fn (float $mm): ?LostLift => $report->startWith($kg, $mm / 1000), self::LINES_MM);

            return new LossData(
                $this->say->weight($kg), Mass::same($kg, $this->drop->lure->massKg), array_map($report->lostSaid(...), $lost),
                array_map(
                    static fn (?LostLift $one): ?float => $one === null ? null : min(1.0, $one->lostM / max(0.01, $report->steps->liftM)),
                    $lost,
                ),
            );
        }, WeightSteps::series($this->drop->situation->aim->species));
    }

    private function named(Line $line): string
    {
        return "{$this->say->units->strength->print($line->breakN)} {$line->material->word()}";
    }
}
