using System.Diagnostics;
using System.Globalization;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Jobs;
using Wrapper.Jobs.Fitting;

namespace Wrapper.Bench;

/// <summary>
/// What a finding at the try-on takes, on a piped boxed cushion of a set of 24 that is sewn to its end: 100 ms for one, 1 s with the rest
/// of the set.
/// </summary>
internal static class FittingFigures
{
    private const int Count = 24;

    public static void Print()
    {
        var document = System.Text.Json.JsonSerializer.Deserialize<CoverDocument>(
            $$"""
            { "form": "box-cushion", "measures": { "shape": "t-shape", "width": "26", "depth": "22", "earWidth": "3.5",
            "earDepth": "5", "thickness": "5" }, "construction": "boxing-strip", "options": { "piping": "both" },
            "count": "{{Count}}" }
            """,
            OpenFormat.Json
        )!;
        var cover = new JobPlanCover("seat", document, "A");
        var cloth = new ClothDocument { Width = Entry.Typed("54") };
        var outcome = CoverInJob.Draft(document, cloth, LengthUnit.Inch, new Dictionary<string, string>());
        List<WorkEntry> told =
        [
            .. SewingPlanner
                .Of(outcome.Draft!, outcome.Reading.Specification!)
                .Order.Select(operation => new SewnEntry
                {
                    Id = operation.Id,
                    Cover = "seat",
                    Number = 1,
                    Subject = operation.Id,
                    At = "2026-03-14T09:26:00Z",
                }),
        ];
        double Milliseconds(bool carried)
        {
            var times = Enumerable
                .Range(0, 6)
                .Select(_ =>
                {
                    var start = Stopwatch.GetTimestamp();
                    _ = new TryingOn(
                        cover,
                        cloth,
                        LengthUnit.Inch,
                        new Dictionary<string, string>(),
                        told,
                        new([new("right", "-3/8")], carried)
                    )
                        .Of(1, 1)!
                        .Lines.Count;
                    return Stopwatch.GetElapsedTime(start).TotalMilliseconds;
                })
                .Skip(1)
                .Order()
                .ToList();
            return times[2];
        }

        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Trying on, a piped T-cushion sewn to its end: a finding {Milliseconds(carried: false) / 100:0.00} of "
                    + $"100 ms, carried to a set of {Count} {Milliseconds(carried: true) / 1000:0.00} of 1 s"
            )
        );
    }
}
