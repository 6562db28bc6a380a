using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Mono.Cecil;
using Wrapper.Core.Units;
using Wrapper.Devices;
using Wrapper.Formats.Documents;
using Wrapper.Jobs;
using Wrapper.Store;
using Wrapper.Web;
using Xunit;

namespace Wrapper.Architecture.Tests;

/// <summary>
/// Code stays small enough to read: lines, methods, files and folders have limits. ESLint holds the functions of the front end to the same.
/// </summary>
public sealed class SizesTests
{
    private const int LongestLine = 140;

    /// <summary>On its way to 60: nothing longer is added, and what is changed is taken apart.</summary>
    private const int LongestMethod = 96;

    /// <summary>The same for a test, with its data.</summary>
    private const int LongestTest = 115;
    private const int LongestFile = 400;
    private const int MostFiles = 20;
    private const int MostArguments = 7;

    /// <summary>Methods that take more arguments, each with its reason.</summary>
    private static readonly Dictionary<string, string> Reasons = new()
    {
        ["PieceMaker.Make"] = "a piece is all of these at once, and none of them follows from another",
        ["BagOpenEnd.Face"] = "a face, and what each of its three kinds of edge is cut larger by",
        ["BagOpenEnd.Whole"] = "the same two sums and their allowances that the joined faces take, so that both read alike",
        ["BandEnds.Band"] = "a band and where its opening begins and ends",
        ["JoinedFaces.Draw"] = "the drops beside what a whole face takes",
        ["BoxingStrip.Strip"] = "the same for a strip, which is numbered among its parts besides",
    };

    [Fact]
    public void No_line_is_longer_than_140_characters()
    {
        var longer =
            from file in SourceFiles.With(".cs", ".ts", ".tsx", ".css", ".mjs", ".cjs")
            from line in file.Lines.Index()
            where line.Item.Length > LongestLine
            select $"{file.Path}:{line.Index + 1} has {line.Item.Length}";
        None(longer);
    }

    [Fact]
    public void No_file_is_longer_than_400_lines() =>
        None(
            from file in SourceFiles.With(".cs", ".ts", ".tsx", ".mjs", ".cjs")
            where file.Lines.Count > LongestFile
            select $"{file.Path} has {file.Lines.Count}"
        );

    [Fact]
    public void No_method_is_longer_than_the_limit() =>
        None(
            from file in SourceFiles.With(".cs")
            let tree = CSharpSyntaxTree.ParseText(string.Join('\n', file.Lines), cancellationToken: TestContext.Current.CancellationToken)
            from method in tree.GetRoot(TestContext.Current.CancellationToken).DescendantNodes().Where(HasBody)
            let lines = LinesOf(method)
            where lines > (file.IsTest ? LongestTest : LongestMethod)
            select $"{file.Path}:{tree.GetLineSpan(method.Span).StartLinePosition.Line + 1} has {lines}"
        );

    [Fact]
    public void No_folder_holds_more_than_20_files() =>
        None(
            from file in SourceFiles.With(".cs", ".ts", ".tsx", ".css")
            where !file.IsTest
            group file by file.Path[..file.Path.LastIndexOf('/')] into folder
            where folder.Count() > MostFiles
            select $"{folder.Key} has {folder.Count()}"
        );

    [Fact]
    public void No_method_takes_more_than_seven_arguments_without_a_reason()
    {
        Type[] oneOfEach = [typeof(Length), typeof(CoverDocument), typeof(JobPlan), typeof(JobStore), typeof(TapeFeed), typeof(JobChanges)];
        var found = oneOfEach.SelectMany(type => WithManyArguments(type.Assembly.Location)).Distinct().Order().ToList();
        Assert.True(Reasons.Keys.Order().SequenceEqual(found), string.Join(", ", found));
    }

    private static List<string> WithManyArguments(string assembly)
    {
        using var module = ModuleDefinition.ReadModule(assembly);
        return
        [
            .. module
                .GetTypes()
                .Where(type => !IsGenerated(type.Name))
                .SelectMany(type => type.Methods)
                .Where(method => !method.IsConstructor && method.Name != "Deconstruct" && !IsGenerated(method.Name))
                .Where(method => method.Parameters.Count > MostArguments)
                .Select(method => $"{method.DeclaringType.Name}.{method.Name}"),
        ];
    }

    /// <summary>
    /// What a person has to read at once: a method, a constructor, an accessor or a local function. What is declared in a table is data.
    /// </summary>
    private static bool HasBody(SyntaxNode node) =>
        node is BaseMethodDeclarationSyntax or AccessorDeclarationSyntax or LocalFunctionStatementSyntax;

    private static int LinesOf(SyntaxNode node)
    {
        var span = node.SyntaxTree.GetLineSpan(node.Span);
        return span.EndLinePosition.Line - span.StartLinePosition.Line + 1;
    }

    private static bool IsGenerated(string name) => name.Contains('<', StringComparison.Ordinal);

    private static void None(IEnumerable<string> found)
    {
        var all = found.ToList();
        Assert.True(all.Count == 0, $"{all.Count} found:\n{string.Join('\n', all)}");
    }
}
