<?php

declare(strict_types=1);

use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Knowledge\GuideFile;
use DustyJet\Knowledge\UnusableKnowledge;
use Tests\Core\Diagnosis\Knowledge;

function guideYaml(string $questions, string $start = 'a'): string
{
    return "provenance: common practice\nstart: {$start}\nquestions: {$questions}";
}

it('leads to every family in six questions at most', function (): void {
    $families = array_keys(Knowledge::real()->families);
    $guide = GuideFile::parse(
        (string) file_get_contents(__DIR__.'/../../../core/knowledge/identify.yaml'),
        $families,
    );

    expect($guide->families())->toEqualCanonicalizing($families)->and($guide->mostQuestions())->toBeLessThanOrEqual(6);
});

it('walks by answers, and stops at one that is none', function (): void {
    $guide = GuideFile::parse(
        (string) file_get_contents(__DIR__.'/../../../core/knowledge/identify.yaml'),
        array_keys(Knowledge::real()->families),
    );

    expect($guide->after([])['question'])
        ->toBe('tank')
        ->and($guide->after([1, 1, 1, 0])['family'])
        ->toBe('cube_opposed')
        ->and($guide->after([1, 0, 0])['family'])
        ->toBe('updraft')
        ->and($guide->after([2])['family'])
        ->toBe('pulse_pump')
        ->and($guide->after([1, 99])['question'])
        ->toBe('bowl')
        ->and($guide->after([2, 0, 0, 0])['trail'])
        ->toHaveCount(1);
});

it('refuses questions that cannot be', function (string $yaml, string $message): void {
    expect(fn () => GuideFile::parse($yaml, ['f']))->toThrow(UnusableKnowledge::class, $message);
})->with([
    'a start that is none' => [guideYaml('{a: {ask: A, answers: {y: {family: f}}}}', 'z'), 'names "z"'],
    'a family that is none' => [guideYaml('{a: {ask: A, answers: {y: {family: g}}}}'), 'names "g"'],
    'a question that is none' => [guideYaml('{a: {ask: A, answers: {y: {ask: b}}}}'), 'names "b"'],
    'an answer to nowhere' => [guideYaml('{a: {ask: A, answers: {y: {}}}}'), 'a question or to a family'],
    'an answer to both' => [guideYaml('{a: {ask: A, answers: {y: {ask: a, family: f}}}}'), 'a question or to a family'],
    'questions that go round' => [
        guideYaml('{a: {ask: A, answers: {y: {ask: b}, n: {family: f}}}, b: {ask: B, answers: {y: {ask: a}}}}'),
        'six questions',
    ],
]);

it('says how many questions its longest way has', function (): void {
    $guide = GuideFile::parse(
        (string) file_get_contents(__DIR__.'/../../../core/knowledge/identify.yaml'),
        FamilyFiles::shipped()->ids(),
    );
    $longest = static function (string $question) use (&$longest, $guide): int {
        $deepest = 1;
        foreach ($guide->questions[$question]['answers'] as $answer) {
            $deepest = $answer['ask'] === null ? $deepest : max($deepest, 1 + $longest($answer['ask']));
        }

        return $deepest;
    };

    expect($guide->mostQuestions())->toBe($longest($guide->start))->toBeGreaterThan(2);
});
