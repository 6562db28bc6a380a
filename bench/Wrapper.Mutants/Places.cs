using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace Wrapper.Mutants;

/// <summary>Finds the changes that can be made to an expression: those that still compile and mean something else.</summary>
internal sealed class Places(SemanticModel model)
{
    private static readonly HashSet<string> Figures = ["Worked", "Length", "Decimal", "Double", "Int32", "Int64", "Vector", "Rational"];

    private static readonly string[] Rules = ["Rule.Seam", "Rule.Zip", "Rule.Hem", "Rule.JoinSeam", "Rule.TapeWidth", "Rule.PipingLap"];

    /// <summary>The order of what these are given is nothing.</summary>
    private static readonly HashSet<string> Commutative = ["Min", "Max", "Hypot", "DistanceTo", "Meet", "Meets", "Differs"];

    private static readonly Dictionary<SyntaxKind, SyntaxKind[]> Operators = new()
    {
        [SyntaxKind.AddExpression] = [SyntaxKind.SubtractExpression],
        [SyntaxKind.SubtractExpression] = [SyntaxKind.AddExpression],
        [SyntaxKind.MultiplyExpression] = [SyntaxKind.DivideExpression],
        [SyntaxKind.DivideExpression] = [SyntaxKind.MultiplyExpression],
        [SyntaxKind.LessThanExpression] = [SyntaxKind.LessThanOrEqualExpression],
        [SyntaxKind.LessThanOrEqualExpression] = [SyntaxKind.LessThanExpression],
        [SyntaxKind.GreaterThanExpression] = [SyntaxKind.GreaterThanOrEqualExpression],
        [SyntaxKind.GreaterThanOrEqualExpression] = [SyntaxKind.GreaterThanExpression],
        [SyntaxKind.EqualsExpression] = [SyntaxKind.NotEqualsExpression],
        [SyntaxKind.NotEqualsExpression] = [SyntaxKind.EqualsExpression],
        [SyntaxKind.LogicalAndExpression] = [SyntaxKind.LogicalOrExpression],
        [SyntaxKind.LogicalOrExpression] = [SyntaxKind.LogicalAndExpression],
    };

    /// <summary>The changes of this very expression, what it is made of not among them.</summary>
    public IEnumerable<(MutantKind Kind, ExpressionSyntax After)> Of(ExpressionSyntax expression) =>
        Candidates(expression).Where(candidate => Compiles(expression, candidate.After));

    private IEnumerable<(MutantKind Kind, ExpressionSyntax After)> Candidates(ExpressionSyntax expression) =>
        expression switch
        {
            BinaryExpressionSyntax binary when Operators.ContainsKey(binary.Kind()) => OfBinary(binary),
            PrefixUnaryExpressionSyntax { RawKind: (int)SyntaxKind.UnaryMinusExpression, Operand: not LiteralExpressionSyntax } minus =>
            [
                (MutantKind.Sign, minus.Operand),
            ],
            PrefixUnaryExpressionSyntax { RawKind: (int)SyntaxKind.LogicalNotExpression } not => [(MutantKind.Logic, not.Operand)],
            LiteralExpressionSyntax literal when IsFactor(literal) => OfFactor(literal),
            ElementAccessExpressionSyntax rule when IsRule(rule, out var name) => OfRule(rule, name),
            IdentifierNameSyntax figure when IsFigureInSum(figure) => OfFigure(figure),
            ConditionalExpressionSyntax choice =>
            [
                (MutantKind.Choice, choice.WithWhenTrue(choice.WhenFalse).WithWhenFalse(choice.WhenTrue)),
            ],
            InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax { Name.Identifier.Text: var name } }
                when Commutative.Contains(name) => [],
            InvocationExpressionSyntax call => Swapped(call.ArgumentList)
                .Select(list => (MutantKind.SwappedArguments, (ExpressionSyntax)call.WithArgumentList(list))),
            ObjectCreationExpressionSyntax { ArgumentList: { } list } made => Swapped(list)
                .Select(swapped => (MutantKind.SwappedArguments, (ExpressionSyntax)made.WithArgumentList(swapped))),
            ImplicitObjectCreationExpressionSyntax made => Swapped(made.ArgumentList)
                .Select(list => (MutantKind.SwappedArguments, (ExpressionSyntax)made.WithArgumentList(list))),
            _ => [],
        };

    private IEnumerable<(MutantKind, ExpressionSyntax)> OfBinary(BinaryExpressionSyntax binary)
    {
        var isSum =
            binary.Kind()
            is SyntaxKind.AddExpression
                or SyntaxKind.SubtractExpression
                or SyntaxKind.MultiplyExpression
                or SyntaxKind.DivideExpression;
        if (isSum && !IsFigure(binary))
        {
            yield break; // text put together
        }

        if (binary.Kind() is SyntaxKind.MultiplyExpression or SyntaxKind.DivideExpression && (IsOne(binary.Left) || IsOne(binary.Right)))
        {
            yield break; // once, or once taken away, is the same however it is taken
        }

        var kind =
            isSum ? MutantKind.Operator
            : binary.Kind() is SyntaxKind.LogicalAndExpression or SyntaxKind.LogicalOrExpression ? MutantKind.Logic
            : MutantKind.Comparison;
        foreach (var other in Operators[binary.Kind()])
        {
            yield return (
                kind,
                SyntaxFactory.BinaryExpression(
                    other,
                    binary.Left,
                    SyntaxFactory.Token(TokenFor(other)).WithTriviaFrom(binary.OperatorToken),
                    binary.Right
                )
            );
        }

        if (binary.Kind() is SyntaxKind.AddExpression or SyntaxKind.SubtractExpression)
        {
            yield return (MutantKind.DroppedTerm, binary.Left);
        }

        if (binary.IsKind(SyntaxKind.AddExpression))
        {
            yield return (MutantKind.DroppedTerm, binary.Right);
        }
    }

    private static bool IsOne(ExpressionSyntax expression) => expression.ToString() is "1" or "1.0" or "-1" or "-1.0" or "1m";

    private static SyntaxKind TokenFor(SyntaxKind expression) =>
        expression switch
        {
            SyntaxKind.AddExpression => SyntaxKind.PlusToken,
            SyntaxKind.SubtractExpression => SyntaxKind.MinusToken,
            SyntaxKind.MultiplyExpression => SyntaxKind.AsteriskToken,
            SyntaxKind.DivideExpression => SyntaxKind.SlashToken,
            SyntaxKind.LessThanExpression => SyntaxKind.LessThanToken,
            SyntaxKind.LessThanOrEqualExpression => SyntaxKind.LessThanEqualsToken,
            SyntaxKind.GreaterThanExpression => SyntaxKind.GreaterThanToken,
            SyntaxKind.GreaterThanOrEqualExpression => SyntaxKind.GreaterThanEqualsToken,
            SyntaxKind.EqualsExpression => SyntaxKind.EqualsEqualsToken,
            SyntaxKind.NotEqualsExpression => SyntaxKind.ExclamationEqualsToken,
            SyntaxKind.LogicalAndExpression => SyntaxKind.AmpersandAmpersandToken,
            _ => SyntaxKind.BarBarToken,
        };

    private static bool IsFactor(LiteralExpressionSyntax literal) =>
        literal.Token.Value is int
        && literal.Parent is BinaryExpressionSyntax { RawKind: (int)SyntaxKind.MultiplyExpression or (int)SyntaxKind.DivideExpression };

    private static IEnumerable<(MutantKind, ExpressionSyntax)> OfFactor(LiteralExpressionSyntax literal)
    {
        var number = (int)literal.Token.Value!;
        yield return (MutantKind.Factor, Number(number + 1));
        if (number > 1)
        {
            yield return (MutantKind.Factor, Number(number - 1));
        }
    }

    private static LiteralExpressionSyntax Number(int number) =>
        SyntaxFactory.LiteralExpression(SyntaxKind.NumericLiteralExpression, SyntaxFactory.Literal(number));

    private bool IsRule(ElementAccessExpressionSyntax access, out string name)
    {
        name = access.ArgumentList.Arguments is [{ Expression: MemberAccessExpressionSyntax rule }] ? rule.ToString() : "";
        return name.Length > 0 && model.GetTypeInfo(access.Expression).Type?.Name == "RuleBook";
    }

    private static IEnumerable<(MutantKind, ExpressionSyntax)> OfRule(ElementAccessExpressionSyntax access, string name)
    {
        var other = Rules.First(rule => rule != name);
        yield return (
            MutantKind.Allowance,
            access.WithArgumentList(
                SyntaxFactory.BracketedArgumentList(
                    SyntaxFactory.SingletonSeparatedList(SyntaxFactory.Argument(SyntaxFactory.ParseExpression(other)))
                )
            )
        );
    }

    /// <summary>A local figure that is a term of a sum.</summary>
    private bool IsFigureInSum(IdentifierNameSyntax figure) =>
        figure.Parent
            is BinaryExpressionSyntax
            {
                RawKind: (int)SyntaxKind.AddExpression
                    or (int)SyntaxKind.SubtractExpression
                    or (int)SyntaxKind.MultiplyExpression
                    or (int)SyntaxKind.DivideExpression
            }
        && model.GetTypeInfo(figure).Type?.Name is "Worked" or "Length"
        && model.GetSymbolInfo(figure).Symbol is ILocalSymbol or IParameterSymbol;

    private IEnumerable<(MutantKind, ExpressionSyntax)> OfFigure(IdentifierNameSyntax figure)
    {
        var type = model.GetTypeInfo(figure).Type;
        var others = model
            .LookupSymbols(figure.SpanStart)
            .Where(symbol => symbol is ILocalSymbol or IParameterSymbol && symbol.Name != figure.Identifier.Text && symbol.Name.Length > 0)
            .Where(symbol =>
                SymbolEqualityComparer.Default.Equals(symbol is ILocalSymbol local ? local.Type : ((IParameterSymbol)symbol).Type, type)
            )
            .Where(symbol => symbol.DeclaringSyntaxReferences.All(place => place.Span.End < figure.SpanStart))
            .Select(symbol => symbol.Name)
            .Order(StringComparer.Ordinal)
            .ToList();
        if (others.Count > 0)
        {
            var next = others.Find(name => string.CompareOrdinal(name, figure.Identifier.Text) > 0) ?? others[0];
            yield return (MutantKind.OtherFigure, SyntaxFactory.IdentifierName(next));
        }
    }

    /// <summary>The list with two neighbours of one type swapped, for each such pair of figures.</summary>
    private IEnumerable<ArgumentListSyntax> Swapped(ArgumentListSyntax list)
    {
        for (var i = 0; i + 1 < list.Arguments.Count; i++)
        {
            var (one, other) = (list.Arguments[i], list.Arguments[i + 1]);
            if (
                one.NameColon is null
                && other.NameColon is null
                && one.RefKindKeyword.RawKind == 0
                && other.RefKindKeyword.RawKind == 0
                && model.GetTypeInfo(one.Expression).Type is { } type
                && Figures.Contains(type.Name)
                && SymbolEqualityComparer.Default.Equals(type, model.GetTypeInfo(other.Expression).Type)
                && one.Expression.ToString() != other.Expression.ToString()
            )
            {
                yield return list.WithArguments(
                    list.Arguments.Replace(one, one.WithExpression(other.Expression))
                        .RemoveAt(i + 1)
                        .Insert(i + 1, other.WithExpression(one.Expression))
                );
            }
        }
    }

    private bool IsFigure(ExpressionSyntax expression) => model.GetTypeInfo(expression).Type is { } type && Figures.Contains(type.Name);

    private bool Compiles(ExpressionSyntax before, ExpressionSyntax after)
    {
        var (type, wanted) = (
            model.GetSpeculativeTypeInfo(before.SpanStart, after, SpeculativeBindingOption.BindAsExpression).Type,
            model.GetTypeInfo(before)
        );
        return type is not (null or IErrorTypeSymbol)
            ? SymbolEqualityComparer.Default.Equals(type, wanted.Type)
                || (wanted.ConvertedType is { } converted && model.Compilation.ClassifyConversion(type, converted).IsImplicit)
            // typed by where they stand: the compiler decides
            : before is ConditionalExpressionSyntax or ImplicitObjectCreationExpressionSyntax;
    }
}
