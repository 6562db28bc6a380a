using System.Diagnostics;
using System.Globalization;
using Wrapper.Core.Drafting;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Formats.Answers;

namespace Wrapper.Bench;

/// <summary>
/// One warm draft (with ledger and checks) and one fold-up of every form and construction: the median of many calls as a
/// part of what is allowed, 0.2 ms and 100 kB for the draft, 2 ms for the fold-up, for the order of sewing and for its cards; of
/// a set of 24 in batches 50 ms.
/// </summary>
internal static class FormFigures
{
    private const int Calls = 400;
    private const int SetOf = 24;

    private static readonly (string Name, CoverInput Cover)[] Covers =
    [
        ("box cushion, boxing strip", Of("box-cushion", "rectangle", "boxing-strip", "width=540;depth=480;thickness=100")),
        (
            "box cushion, piped, in nine parts",
            Of("box-cushion", "rectangle", "boxing-strip", "width=1900;depth=800;thickness=100") with
            {
                UsableWidth = Mm(900),
                Options = new Dictionary<string, string> { ["piping"] = "both", ["slidePocket"] = "true" },
            }
        ),
        ("box cushion, round", Of("box-cushion", "round", "boxing-strip", "diameter=450;thickness=100")),
        (
            "box cushion, T",
            Of("box-cushion", "t-shape", "boxing-strip", "width=600;depth=520;earWidth=90;earDepth=150;thickness=100;cornerRadius=30")
        ),
        ("box cushion, wrap notched", Of("box-cushion", "rectangle", "wrap-notched", "width=540;depth=480;thickness=100")),
        ("box cushion, wrap folded", Of("box-cushion", "rectangle", "wrap-folded", "width=540;depth=480;thickness=100")),
        ("box cushion, two panels", Of("box-cushion", "rectangle", "panels-folded", "width=540;depth=480;thickness=100")),
        ("box cushion, envelope", Of("box-cushion", "rectangle", "envelope", "width=540;depth=480;thickness=100")),
        (
            "seat pad by stations, boxed",
            Of("seat-pad", "stations", "boxing-strip", "depth=400;thickness=40") with
            {
                Stations = [new(Mm(0), Mm(440)), new(Mm(180), Mm(450)), new(Mm(400), Mm(360))],
            }
        ),
        ("bolster", Of("bolster", "round", "band-ends", "diameter=165;length=610")),
        ("ottoman", Of("ottoman", "rectangle", "tub-walls", "width=700;depth=500;height=380;return=60")),
        ("pouf", Of("pouf", "cube", "pouf-wrapped", "size=550;wrap=60")),
        (
            "chair back, reversible",
            Of("chair-back", "square", "bag", "width=470;thickness=60;height=530") with
            {
                Options = new Dictionary<string, string> { ["layers"] = "reversible" },
            }
        ),
        ("mattress, rounded", Of("mattress", "rectangle", "boxing-strip", "width=900;length=1900;thickness=150;cornerRadius=60")),
        ("fitted sheet", Of("fitted-sheet", "rectangle", "tub-notched", "width=900;length=1900;thickness=150")),
        (
            "changing pad",
            Of("changing-pad", "contoured", "band-ends", "length=700;overallWidth=360;sideHeight=70;rim=45;flatWidth=180;flatHeight=25")
        ),
        ("duvet on narrow cloth", Of("duvet", "rectangle", "bag", "width=2000;length=2000") with { UsableWidth = Mm(1380) }),
        ("pillowcase, flange", Of("pillowcase", "flange", "bag", "width=500;length=700")),
        ("table, oval, walls", Of("table", "oval", "tub-walls", "width=1500;depth=1000;drop=160")),
        ("table, round, flat", Of("table", "round", "flat", "diameter=900;drop=200")),
        ("ironing board", Of("board", "ironing", "outline-margin", "length=1220;widest=360;noseWidth=150")),
        ("throw-over", Of("throw-over", "three-pieces", "blocks", "seatWidth=1500;seatRun=1800;armRun=1300;armDepth=850;freeTuck=100")),
    ];

    public static void Print()
    {
        Console.WriteLine(
            "Every form, warm: draft of 0.2 ms and 100 kB, fold-up of 2 ms, order of sewing and its cards of 2 ms each allowed"
        );
        foreach (var (name, cover) in Covers)
        {
            var outcome = Drafter.Draft(cover);
            var (draft, specification) = outcome.Draft is { } drafted
                ? (drafted, outcome.Reading.Specification!)
                : throw new InvalidOperationException(name);
            var (milliseconds, kilobytes) = Median(() => Drafter.Draft(cover));
            var (folding, _) = Median(() => FoldUp.Of(draft));
            var (ordering, _) = Median(() => SewingPlanner.Of(draft, specification));
            var plan = SewingPlanner.Of(draft, specification);
            var (laying, _) = Median(() => SewingCards.Of(plan, draft, specification));
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"  {name}: draft {milliseconds / 0.2:0.00}, memory {kilobytes / 100:0.00}, fold-up "
                        + $"{folding / 2:0.00}, order {ordering / 2:0.00}, cards {laying / 2:0.00}"
                )
            );
        }

        var set = Drafter.Draft(Covers[1].Cover with { Count = SetOf });
        var (sewing, _) = Median(() =>
            SewingResponse.Of(SewingPlanner.Of(set.Draft!, set.Reading.Specification!), set.Draft!, SetOf, batch: true)
        );
        Console.WriteLine(FormattableString.Invariant($"  a set of {SetOf} in nine parts, in batches: {sewing / 50:0.00} of 50 ms"));
    }

    private static (double Milliseconds, double Kilobytes) Median(Action call)
    {
        for (var i = 0; i < Calls; i++)
        {
            call();
        }

        Thread.Sleep(150); // lets the compiler finish its second round in the background
        var times = new double[Calls];
        var before = GC.GetAllocatedBytesForCurrentThread();
        for (var i = 0; i < Calls; i++)
        {
            var start = Stopwatch.GetTimestamp();
            call();
            times[i] = Stopwatch.GetElapsedTime(start).TotalMilliseconds;
        }

        var kilobytes = (GC.GetAllocatedBytesForCurrentThread() - before) / 1000.0 / Calls;
        Array.Sort(times);
        return (times[Calls / 2], kilobytes);
    }

    private static CoverInput Of(string form, string shape, string construction, string measures) =>
        new()
        {
            Unit = "mm",
            Form = form,
            Shape = shape,
            Construction = construction,
            Measures = measures.Split(';').Select(part => part.Split('=')).ToDictionary(part => part[0], part => Entry.Typed(part[1])),
        };

    private static Entry Mm(decimal millimetres) => Entry.Number(millimetres);
}
