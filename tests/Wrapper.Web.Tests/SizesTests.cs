using Mono.Cecil;
using Wrapper.Core.Units;
using Wrapper.Devices;
using Wrapper.Formats;
using Wrapper.Store;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>What is too large to be read at one go is taken apart.</summary>
public sealed class SizesTests
{
    private const int LongestFile = 300;
    private const int MostArguments = 7;

    /// <summary>Methods that take more, each with its reason.</summary>
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
    public void No_file_is_longer_than_three_hundred_lines()
    {
        var files = Directory
            .GetFiles(Path.Combine(Wrapper.Tests.Repository.Root(), "src"), "*.cs", SearchOption.AllDirectories)
            .Where(file => !file.Split(Path.DirectorySeparatorChar).Any(part => part is "obj" or "bin"))
            .ToList();
        Assert.True(files.Count > 200, $"only {files.Count} files were looked at");
        var longer = files
            .Select(file => (Name: Path.GetFileName(file), Lines: File.ReadLines(file).Count()))
            .Where(file => file.Lines > LongestFile);
        Assert.Empty(longer);
    }

    [Fact]
    public void No_method_takes_more_than_seven_arguments_without_a_reason()
    {
        var found = new List<string>();
        foreach (
            var assembly in new[] { typeof(Length), typeof(CoverDocument), typeof(JobStore), typeof(TapeFeed), typeof(JobChanges) }.Select(
                type => type.Assembly
            )
        )
        {
            using var module = ModuleDefinition.ReadModule(assembly.Location);
            found.AddRange(
                module
                    .GetTypes()
                    .SelectMany(type => type.Methods)
                    .Where(method =>
                        !method.IsConstructor
                        && method.Name != "Deconstruct"
                        && !method.Name.Contains('<', StringComparison.Ordinal)
                        && !method.DeclaringType.Name.Contains('<', StringComparison.Ordinal)
                        && method.Parameters.Count > MostArguments
                    )
                    .Select(method => $"{method.DeclaringType.Name}.{method.Name}")
            );
        }

        Assert.True(Reasons.Keys.Order().SequenceEqual(found.Distinct().Order()), string.Join(", ", found.Distinct().Order()));
    }
}
