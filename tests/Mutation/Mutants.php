<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

/** Every mutant of a file: an operator swapped, a bound moved, a number changed, an arm or a statement left out. */
final readonly class Mutants
{
    private const SWAPS = [
        BinaryOp\Plus::class => BinaryOp\Minus::class,
        BinaryOp\Minus::class => BinaryOp\Plus::class,
        BinaryOp\Mul::class => BinaryOp\Div::class,
        BinaryOp\Div::class => BinaryOp\Mul::class,
        BinaryOp\Smaller::class => BinaryOp\SmallerOrEqual::class,
        BinaryOp\SmallerOrEqual::class => BinaryOp\Smaller::class,
        BinaryOp\Greater::class => BinaryOp\GreaterOrEqual::class,
        BinaryOp\GreaterOrEqual::class => BinaryOp\Greater::class,
        BinaryOp\Identical::class => BinaryOp\NotIdentical::class,
        BinaryOp\NotIdentical::class => BinaryOp\Identical::class,
        BinaryOp\BooleanAnd::class => BinaryOp\BooleanOr::class,
        BinaryOp\BooleanOr::class => BinaryOp\BooleanAnd::class,
    ];

    /** @return list<Mutant> in the order of the file */
    public static function of(string $path, string $name): array
    {
        $code = (string) file_get_contents($path);
        $tree = (new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? [];
        $printer = new Standard;
        $mutants = [];
        $asserted = self::asserted($tree);
        foreach ((new NodeFinder)->find($tree, static fn (Node $n): bool => true) as $node) {
            if (isset($asserted[spl_object_id($node)])) {
                continue;
            }
            foreach (self::mistakes($node) as [$place, $wrong]) {
                $from = $place->getStartFilePos();
                $length = $place->getEndFilePos() + 1 - $from;
                $became = $wrong instanceof Expr ? '('.$printer->prettyPrintExpr($wrong).')' : '';
                $mutants[] = new Mutant(
                    $name,
                    $place->getStartLine(),
                    substr($code, $from, $length),
                    $became,
                    self::placed(substr_replace($code, $became, $from, $length), dirname($path)),
                );
            }
        }

        return $mutants;
    }

    /**
     * What an assertion is made of: it speaks to the static analysis, and is not run where assertions are off.
     *
     * @param  array<Node>  $tree
     *
     * @return array<int, true> by the node's object id
     */
    private static function asserted(array $tree): array
    {
        $isAssert = static fn (Node $n): bool => $n instanceof Expr\FuncCall
            && $n->name instanceof Node\Name
            && $n->name->toString() === 'assert';
        $inside = [];
        foreach ((new NodeFinder)->find($tree, $isAssert) as $assert) {
            foreach ((new NodeFinder)->find([$assert], static fn (Node $n): bool => true) as $node) {
                $inside[spl_object_id($node)] = true;
            }
        }

        return $inside;
    }

    /** The file is run from elsewhere. */
    private static function placed(string $code, string $folder): string
    {
        return str_replace('__DIR__', var_export($folder, true), $code);
    }

    /** @return list<array{0: Node, 1: Expr|null}> what is replaced, and by what; null leaves it out */
    private static function mistakes(Node $node): array
    {
        return match (true) {
            $node instanceof BinaryOp\Coalesce => [[$node, $node->right]],
            $node instanceof BinaryOp => self::swapped($node),
            $node instanceof Expr\BooleanNot => [[$node, $node->expr]],
            $node instanceof Expr\Ternary && $node->if !== null => [
                [$node, new Expr\Ternary($node->cond, $node->else, $node->if)],
            ],
            $node instanceof Expr\UnaryMinus => [[$node, $node->expr]],
            $node instanceof Expr\FuncCall => self::called($node),
            $node instanceof Expr\Match_ => self::armless($node),
            $node instanceof Stmt\If_ => [[$node->cond, self::not($node->cond)]],
            $node instanceof Stmt\Return_ => self::returned($node),
            $node instanceof Stmt\Expression => self::leftOut($node),
            default => [],
        };
    }

    /** @return list<array{0: Node, 1: Expr|null}> */
    private static function swapped(BinaryOp $node): array
    {
        $swap = self::SWAPS[$node::class] ?? null;
        $mistakes = $swap === null ? [] : [[$node, new $swap($node->left, $node->right)]];
        foreach ([$node->left, $node->right] as $side) {
            if ($side instanceof Scalar\Float_) {
                $mistakes[] = [$side, new Scalar\Float_($side->value === 0.0 ? 1.0 : $side->value * 1.1)];
            }
            if ($side instanceof Scalar\Int_) {
                $mistakes[] = [$side, new Scalar\Int_($side->value + 1)];
            }
        }

        return $mistakes;
    }

    /** @return list<array{0: Node, 1: Expr|null}> */
    private static function called(Expr\FuncCall $node): array
    {
        $swaps = ['min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor'];
        $name = $node->name instanceof Node\Name ? $node->name->toString() : '';
        if (isset($swaps[$name])) {
            return [[$node, new Expr\FuncCall(new Node\Name\FullyQualified($swaps[$name]), $node->args)]];
        }
        $first = $node->args[0] ?? null;
        // A forgotten array_values is noticed by the static analysis, which tells a list from an array.
        $keepsShape = in_array($name, ['array_filter', 'array_reverse', 'array_unique', 'abs'], true);

        return $keepsShape && $first instanceof Node\Arg ? [[$node, $first->value]] : [];
    }

    /** @return list<array{0: Node, 1: Expr|null}> */
    private static function armless(Expr\Match_ $node): array
    {
        $last = $node->arms[count($node->arms) - 1];
        if (count($node->arms) < 3 || $last->conds !== null) {
            return [];
        }

        return [[$node->arms[0]->body, $last->body]];
    }

    /** @return list<array{0: Node, 1: Expr|null}> */
    private static function returned(Stmt\Return_ $node): array
    {
        $value = $node->expr instanceof Expr\ConstFetch ? strtolower($node->expr->name->toString()) : '';

        return match (true) {
            $node->expr === null => [],
            $value === 'true' => [[$node->expr, new Expr\ConstFetch(new Node\Name('false'))]],
            $value === 'false' => [[$node->expr, new Expr\ConstFetch(new Node\Name('true'))]],
            $node->expr instanceof BinaryOp\BooleanAnd, $node->expr instanceof BinaryOp\BooleanOr => [
                [$node->expr, self::not($node->expr)],
            ],
            default => [],
        };
    }

    /**
     * A call or an addition left out; never a variable's first value, and never an assertion, which only tells the
     * static analysis a type.
     *
     * @return list<array{0: Node, 1: Expr|null}>
     */
    private static function leftOut(Stmt\Expression $node): array
    {
        if (self::asserts($node->expr)) {
            return [];
        }
        $adds = $node->expr instanceof Expr\Assign && $node->expr->var instanceof Expr\ArrayDimFetch;
        $calls = $node->expr instanceof Expr\MethodCall || $node->expr instanceof Expr\StaticCall
            || $node->expr instanceof Expr\FuncCall || $node->expr instanceof Expr\AssignOp;

        return $adds || $calls ? [[$node, null]] : [];
    }

    private static function asserts(Expr $expression): bool
    {
        return $expression instanceof Expr\FuncCall && $expression->name instanceof Node\Name
            && $expression->name->toString() === 'assert';
    }

    private static function not(Expr $condition): Expr
    {
        return new Expr\BooleanNot($condition);
    }
}
