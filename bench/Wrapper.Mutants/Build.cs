using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace Wrapper.Mutants;

/// <summary>The core with all changes in one build, and what they are.</summary>
internal static class Build
{
    private const string Switch = """
        namespace Wrapper.Core;
        public static class Switch
        {
            public static int Active = -1;
            public static bool IsRecording;
            public static readonly bool[] Hit = new bool[200_000];
            public static bool On(int id)
            {
                if (IsRecording) Hit[id] = true;
                return Active == id;
            }
        }
        """;

    /// <summary>The rooms whose code is changed.</summary>
    private static readonly string[] Rooms =
    [
        "Catalogue/",
        "Constructions/",
        "Drafting/",
        "Forms/",
        "Parts/",
        "Pattern/",
        "Proof/",
        "Reading/",
        "Units/",
    ];

    /// <summary>Builds the core at a path, every change behind the switch.</summary>
    /// <param name="root">The repository.</param>
    /// <param name="output">Where the assembly is written.</param>
    public static List<Mutant> Make(string root, string output)
    {
        var source = Path.Combine(root, "src/Wrapper.Core");
        var options = new CSharpParseOptions(LanguageVersion.Latest);
        var trees = Directory
            .EnumerateFiles(source, "*.cs", SearchOption.AllDirectories)
            .Select(path => Path.GetRelativePath(source, path).Replace('\\', '/'))
            .Where(path => !path.StartsWith("bin/", StringComparison.Ordinal) && !path.StartsWith("obj/", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .Select(path => CSharpSyntaxTree.ParseText(File.ReadAllText(Path.Combine(source, path)), options, path))
            .ToList();
        const string usings =
            "global using System; global using System.Collections.Generic; global using System.IO; global using "
            + "System.Linq; global using System.Net.Http; global using System.Threading; global using System.Threading.Tasks;";
        var plain = CSharpCompilation.Create(
            "Wrapper.Core",
            [.. trees, CSharpSyntaxTree.ParseText(usings, options, "Usings.cs"), CSharpSyntaxTree.ParseText(Switch, options, "Switch.cs")],
            Directory
                .EnumerateFiles(Path.GetDirectoryName(typeof(object).Assembly.Location)!, "*.dll")
                .Where(IsManaged)
                .Select(path => MetadataReference.CreateFromFile(path)),
            new(
                OutputKind.DynamicallyLinkedLibrary,
                checkOverflow: true,
                optimizationLevel: OptimizationLevel.Release,
                nullableContextOptions: NullableContextOptions.Enable,
                deterministic: true
            )
        );
        var banned = new HashSet<int>();
        while (true)
        {
            var mutants = new List<Mutant>();
            var changed = plain;
            foreach (var tree in trees.Where(tree => Rooms.Any(room => tree.FilePath.StartsWith(room, StringComparison.Ordinal))))
            {
                var rewriter = new Instrumenter(plain.GetSemanticModel(tree), tree.FilePath, mutants, banned);
                changed = changed.ReplaceSyntaxTree(
                    tree,
                    CSharpSyntaxTree.ParseText(rewriter.Visit(tree.GetRoot())!.ToFullString(), options, tree.FilePath)
                );
            }

            var result = changed.Emit(output);
            if (result.Success)
            {
                return [.. mutants.Where(mutant => !banned.Contains(mutant.Id))];
            }

            // What does not compile where it stands is no change that could be made: it is left out, and the rest built again.
            var before = banned.Count;
            banned.UnionWith(result.Diagnostics.Where(diagnostic => diagnostic.Severity == DiagnosticSeverity.Error).SelectMany(IdsAt));
            if (banned.Count == before)
            {
                throw new InvalidOperationException(
                    string.Join('\n', result.Diagnostics.Where(diagnostic => diagnostic.Severity == DiagnosticSeverity.Error).Take(5))
                );
            }
        }
    }

    /// <summary>The change that a compiler's error stands in; where it stands in none, those of the nearest code round it.</summary>
    private static IReadOnlyList<int> IdsAt(Diagnostic diagnostic)
    {
        var node = diagnostic.Location.SourceTree!.GetRoot().FindNode(diagnostic.Location.SourceSpan);
        return node.AncestorsAndSelf().Select(IdOf).OfType<int>().Take(1).ToList() is { Count: > 0 } own
            ? own
            : node.AncestorsAndSelf()
                .Select(round => round.DescendantNodes().Select(IdOf).OfType<int>().ToList())
                .FirstOrDefault(ids => ids.Count > 0)
                ?? [];
    }

    private static int? IdOf(SyntaxNode node)
    {
        const string asked = "global::Wrapper.Core.Switch.On(";
        return
            node is ConditionalExpressionSyntax choice
            && choice.Condition.ToString() is var condition
            && condition.StartsWith(asked, StringComparison.Ordinal)
            ? int.Parse(condition[asked.Length..^1], System.Globalization.CultureInfo.InvariantCulture)
            : null;
    }

    private static bool IsManaged(string path)
    {
        try
        {
            System.Reflection.AssemblyName.GetAssemblyName(path);
            return true;
        }
        catch (BadImageFormatException)
        {
            return false;
        }
    }
}
