using System.Text.RegularExpressions;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace Wrapper.Mutants;

/// <summary>
/// Writes every change into the code beside what it changes, behind a switch: <c>Switch.On(17) ? changed : as it was</c>, so that one
/// build holds them all.
/// </summary>
internal sealed partial class Instrumenter(SemanticModel model, string file, List<Mutant> mutants, IReadOnlySet<int> banned)
    : CSharpSyntaxRewriter
{
    private readonly Places _places = new(model);

    public override SyntaxNode? Visit(SyntaxNode? node)
    {
        if (
            node
                is AttributeSyntax
                    or PatternSyntax
                    or ParameterSyntax
                    or EnumMemberDeclarationSyntax
                    or CaseSwitchLabelSyntax
                    or TypeSyntax
                    and not IdentifierNameSyntax
            || node is FieldDeclarationSyntax field && field.Modifiers.Any(SyntaxKind.ConstKeyword)
            || node is LocalDeclarationStatementSyntax local && local.Modifiers.Any(SyntaxKind.ConstKeyword)
        )
        {
            return node;
        }

        if (node is not ExpressionSyntax expression || !MayBeChanged(expression))
        {
            return base.Visit(node);
        }

        var changes = _places.Of(expression).ToList();
        var inner = (ExpressionSyntax)base.Visit(node)!;
        foreach (var (kind, after) in changes)
        {
            var id = mutants.Count;
            mutants.Add(
                new(
                    id,
                    file,
                    expression.GetLocation().GetLineSpan().StartLinePosition.Line + 1,
                    kind,
                    Short(expression),
                    Short(after),
                    IsStatic(expression),
                    expression.Ancestors().OfType<MemberDeclarationSyntax>().FirstOrDefault() switch
                    {
                        MethodDeclarationSyntax method => method.Identifier.Text,
                        PropertyDeclarationSyntax property => property.Identifier.Text,
                        ConstructorDeclarationSyntax constructor => constructor.Identifier.Text,
                        FieldDeclarationSyntax declared => declared.Declaration.Variables[0].Identifier.Text,
                        _ => "",
                    }
                )
            );
            if (!banned.Contains(id))
            {
                inner = SyntaxFactory
                    .ParenthesizedExpression(
                        SyntaxFactory.ConditionalExpression(
                            SyntaxFactory.ParseExpression($"global::Wrapper.Core.Switch.On({id})"),
                            SyntaxFactory.ParenthesizedExpression(after.WithoutTrivia()),
                            SyntaxFactory.ParenthesizedExpression(inner.WithoutTrivia())
                        )
                    )
                    .WithTriviaFrom(expression);
            }
        }

        return inner;
    }

    /// <summary>What declares a name, is written to, or only names a type or a member is left alone.</summary>
    private static bool MayBeChanged(ExpressionSyntax expression) =>
        !expression
            .DescendantNodesAndSelf()
            .Any(node =>
                node
                    is SingleVariableDesignationSyntax
                        or DeclarationExpressionSyntax
                        or AnonymousFunctionExpressionSyntax
                        and not LambdaExpressionSyntax
            )
        && !(expression.Parent is AssignmentExpressionSyntax assignment && assignment.Left == expression)
        && !(expression.Parent is MemberAccessExpressionSyntax access && access.Name == expression)
        && expression.Parent is not (NameColonSyntax or NameEqualsSyntax or ConstantPatternSyntax or RelationalPatternSyntax);

    /// <summary>A field's or property's own value, which is worked out once.</summary>
    private static bool IsStatic(ExpressionSyntax expression) =>
        !expression.Ancestors().TakeWhile(node => node is not MemberDeclarationSyntax).Any(node => node is LambdaExpressionSyntax)
        && expression.Ancestors().OfType<MemberDeclarationSyntax>().FirstOrDefault() switch
        {
            FieldDeclarationSyntax field => field.Modifiers.Any(SyntaxKind.StaticKeyword),
            PropertyDeclarationSyntax property => property.Modifiers.Any(SyntaxKind.StaticKeyword) && property.Initializer is not null,
            _ => false,
        };

    private static string Short(SyntaxNode node)
    {
        // On one line, so that the name of a change does not depend on how its code is broken into lines.
        var text = LineBreak().Replace(Space().Replace(node.ToString().Trim(), " "), "");
        return text.Length > 140 ? text[..140] + "…" : text;
    }

    [GeneratedRegex(@"\s+")]
    private static partial Regex Space();

    [GeneratedRegex(@"(?<=[(\[]) |,? (?=[)\]])| (?=\??\.[A-Za-z])")]
    private static partial Regex LineBreak();
}
