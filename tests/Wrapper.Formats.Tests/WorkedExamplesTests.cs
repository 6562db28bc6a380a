using System.Text.Json;
using Wrapper.Core.Drafting;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>The worked examples, request to answer through the open format.</summary>
public sealed class WorkedExamplesTests
{
    private const double Hundredth = 0.01;

    /// <summary>All examples by name.</summary>
    public static TheoryData<string> Names => [.. Examples().Select(example => example.GetProperty("name").GetString()!)];

    [Theory]
    [MemberData(nameof(Names))]
    public void A_worked_example_comes_out_to_the_hundredth(string name)
    {
        var example = Examples().Single(entry => entry.GetProperty("name").GetString() == name);
        var request = example.GetProperty("request").Deserialize<CoverDocument>(OpenFormat.Json)!;
        var outcome = Drafter.Draft(request.ToInput());
        Assert.True(outcome.Draft is not null, string.Join("; ", outcome.Checks.Select(check => check.Text)));

        var answer = DraftResponse.Of(outcome.Draft, outcome.Reading);
        var expected = example
            .GetProperty("pieces")
            .EnumerateArray()
            .Select(piece =>
                Describe(
                    piece.GetProperty("id").GetString()!,
                    piece.GetProperty("quantity").GetInt32(),
                    piece.GetProperty("cutWidth").GetDouble(),
                    piece.GetProperty("cutLength").GetDouble()
                )
            );
        var drafted = answer.Pieces.Select(piece => Describe(piece.Id, piece.Quantity, piece.CutWidth, piece.CutLength));
        Assert.Equal(expected.Order(), drafted.Order());
        Assert.All(answer.Seams, seam => Assert.True(seam.Meets, seam.Id));
        AssertFinished(example, answer);
        AssertNotions(example, answer);
        AssertNotches(example, answer);
    }

    [Fact]
    public void Marks_say_where_the_tape_finds_them_on_the_cut_boxing()
    {
        var request = Examples()[0].GetProperty("request").Deserialize<CoverDocument>(OpenFormat.Json)!;
        var outcome = Drafter.Draft(request.ToInput());
        var boxing = DraftResponse.Of(outcome.Draft!, outcome.Reading).Pieces.Single(piece => piece.Id == "boxing");
        Assert.Equal(
            ["fold 1½", "notch 2½", "notch 18½", "notch 39¾", "notch 55¾", "fold 56¾"],
            boxing
                .Marks.Select(mark => $"{mark.Kind.Word()} {mark.Place.Replace(" from the left end", "", StringComparison.Ordinal)}")
                .Distinct()
        );
        Assert.Equal(10, boxing.Marks.Count); // each notch on both long edges
    }

    [Fact]
    public void There_are_sixteen_examples() => Assert.Equal(16, Names.Count);

    private static string Describe(string id, int quantity, double one, double other) =>
        $"{id} x{quantity}: {Math.Round(Math.Min(one, other) / Hundredth) * Hundredth:0.00} by "
        + $"{Math.Round(Math.Max(one, other) / Hundredth) * Hundredth:0.00}";

    private static void AssertFinished(JsonElement example, DraftResponse answer)
    {
        foreach (var size in example.GetProperty("finished").EnumerateObject())
        {
            Assert.Equal(size.Value.GetDouble(), answer.Finished.Single(finished => finished.Key == size.Name).Value, Hundredth);
        }
    }

    private static void AssertNotions(JsonElement example, DraftResponse answer)
    {
        if (!example.TryGetProperty("notions", out _))
        {
            return;
        }

        foreach (var notion in example.GetProperty("notions").EnumerateObject())
        {
            var kind = string.Concat(notion.Name.Select(c => char.IsUpper(c) ? $"-{char.ToLowerInvariant(c)}" : $"{c}"));
            var drafted = answer.Notions.Single(entry => entry.Kind.Word() == kind);
            if (notion.Value.ValueKind == JsonValueKind.Array)
            {
                Assert.Equal(notion.Value.GetArrayLength(), drafted.Quantity);
                Assert.All(notion.Value.EnumerateArray(), run => Assert.Equal(run.GetDouble(), drafted.Length, Hundredth));
            }
            else
            {
                Assert.Equal(notion.Value.GetDouble(), drafted.Length, Hundredth);
            }
        }
    }

    /// <summary>Notches are read off the cut line itself: steps of it that are square to each other, as often as is said.</summary>
    private static void AssertNotches(JsonElement example, DraftResponse answer)
    {
        if (!example.TryGetProperty("notches", out var notches))
        {
            return;
        }

        var all = answer.Pieces[0].Outline;
        var cut = all.Where((corner, i) => Math.Abs(Turn(all[(i + all.Count - 1) % all.Count], corner, all[(i + 1) % all.Count])) > 1e-3)
            .ToList();
        foreach (var notch in notches.EnumerateObject())
        {
            var sizes = notch.Value.EnumerateObject().Where(size => size.Name != "count").Select(size => size.Value.GetDouble()).ToArray();
            var count = notch.Value.GetProperty("count").GetInt32();
            var (across, along) = (sizes[0], sizes[1]);
            var found = 0;
            for (var i = 0; i < cut.Count; i++)
            {
                var (a, b, c) = (cut[i], cut[(i + 1) % cut.Count], cut[(i + 2) % cut.Count]);
                var (first, second) = (Apart(a, b), Apart(b, c));
                var turnsIn = Turn(a, b, c) < 0;
                found += turnsIn && ((Near(first, across) && Near(second, along)) || (Near(first, along) && Near(second, across))) ? 1 : 0;
            }

            // A notch on a fold has two such corners, one in a corner of the piece has one.
            Assert.Equal(notch.Name == "front" ? 2 * count : count, found);
        }

        static double Turn(double[] a, double[] b, double[] c) => ((b[0] - a[0]) * (c[1] - b[1])) - ((b[1] - a[1]) * (c[0] - b[0]));

        static double Apart(double[] from, double[] to) => Math.Abs(from[0] - to[0]) + Math.Abs(from[1] - to[1]);

        static bool Near(double one, double other) => Math.Abs(one - other) <= Hundredth;
    }

    private static List<JsonElement> Examples()
    {
        using var document = JsonDocument.Parse(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "examples.json")));
        return [.. document.RootElement.GetProperty("examples").EnumerateArray().Select(example => example.Clone())];
    }
}
