using CsCheck;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions;
using Wrapper.Core.Forms;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Tests;

/// <summary>One cell of the table of covers: a form in a shape, made one way, with one option said.</summary>
/// <param name="Form">The form.</param>
/// <param name="Shape">Its shape.</param>
/// <param name="Construction">How it is made.</param>
/// <param name="Option">The option that is said; empty for none.</param>
/// <param name="Word">What is said of it.</param>
public sealed record CoverCell(FormDefinition Form, ShapeDefinition Shape, string Construction, string Option = "", string Word = "")
{
    /// <inheritdoc />
    public override string ToString() => $"{Form.Id} {Shape.Id} {Construction}{(Option.Length == 0 ? "" : $" {Option}={Word}")}";
}

/// <summary>Random covers of every form, shape, construction and option, in inches and metric, on and off a cloth.</summary>
internal static class Covers
{
    /// <summary>Likely measures in millimetres, least and most; by name, and by form and name where a form has its own.</summary>
    private static readonly Dictionary<string, (int Least, int Most)> Likely = new()
    {
        ["width"] = (300, 1100),
        ["depth"] = (300, 800),
        ["thickness"] = (40, 140),
        ["frontWidth"] = (450, 900),
        ["backWidth"] = (400, 800),
        ["diameter"] = (250, 700),
        ["earWidth"] = (60, 110),
        ["earDepth"] = (80, 250),
        ["cornerRadius"] = (10, 90),
        ["diagonal1"] = (900, 905),
        ["diagonal2"] = (900, 905),
        ["circumference"] = (450, 900),
        ["length"] = (500, 1100),
        ["height"] = (250, 600),
        ["topDrop"] = (0, 60),
        ["return"] = (20, 90),
        ["floorHeight"] = (900, 1000),
        ["size"] = (350, 700),
        ["wrap"] = (20, 120),
        ["postWidth"] = (20, 60),
        ["tuckUnder"] = (30, 90),
        ["overallWidth"] = (330, 420),
        ["sideHeight"] = (60, 120),
        ["rim"] = (20, 60),
        ["flatWidth"] = (120, 200),
        ["flatHeight"] = (10, 55),
        ["flap"] = (100, 220),
        ["flange"] = (20, 80),
        ["drop"] = (60, 300),
        ["widest"] = (280, 420),
        ["noseWidth"] = (80, 200),
        ["taperLength"] = (250, 450),
        ["skirtLength"] = (2000, 3500),
        ["skirtDrop"] = (120, 300),
        ["zipLength"] = (300, 600),
        ["seatWidth"] = (900, 1700),
        ["seatRun"] = (1500, 2200),
        ["armRun"] = (1000, 1500),
        ["armDepth"] = (700, 1000),
        ["freeTuck"] = (0, 150),
        ["cutWidth"] = (80, 250),
        ["cutLength"] = (100, 400),
        ["mattress.width"] = (600, 1600),
        ["mattress.length"] = (1500, 2100),
        ["mattress.thickness"] = (80, 220),
        ["fitted-sheet.width"] = (500, 1600),
        ["fitted-sheet.length"] = (1000, 2100),
        ["duvet.width"] = (1200, 2400),
        ["duvet.length"] = (1800, 2300),
        ["seat-pad.thickness"] = (20, 80),
        ["bolster.diameter"] = (120, 260),
        ["bolster.length"] = (400, 1200),
        ["chair-back.thickness"] = (20, 80),
        ["chair-back.height"] = (350, 700),
        ["chair-back.cornerRadius"] = (40, 150),
        ["board.length"] = (1000, 1400),
        ["pillowcase.length"] = (500, 900),
        ["changing-pad.length"] = (600, 900),
        ["t-shape.depth"] = (430, 800),
        ["l-shape.depth"] = (430, 800),
        ["t-shape.width"] = (500, 900),
        ["l-shape.width"] = (500, 900),
        ["t-shape.cornerRadius"] = (5, 25),
        ["l-shape.cornerRadius"] = (5, 25),
        ["outline.cornerRadius"] = (5, 25),
        ["cut-corner.cornerRadius"] = (5, 40),
    };

    /// <summary>Every cell there is.</summary>
    public static IReadOnlyList<CoverCell> Cells { get; } =
    [
        .. from form in FormCatalogue.All
        from shape in form.Shapes
        from construction in shape.Constructions
        from option in OptionsOf(shape, construction)
        select new CoverCell(form, shape, construction, option.Name, option.Word),
    ];

    /// <summary>Random covers of a cell.</summary>
    public static Gen<CoverInput> Of(CoverCell cell) =>
        from unit in Choice.Of("in", "mm")
        from shares in Gen.Double[0, 1].Array[40]
        from optional in Gen.Int[0, 99].Array[6]
        from fit in Gen.Int[-3, 3].Array[3]
        from usable in Choice.Of(0m, 1100m, 1350m, 1500m, 2740m)
        from count in Gen.Int[1, 4]
        select Make(cell, unit, shares, optional, fit, usable, count);

    /// <summary>A cover's inputs in words, for a failing case to be kept as a test of its own.</summary>
    public static string Described(CoverInput input) =>
        $"{input.Unit} {string.Join(" ", input.Measures.Select(measure => $"{measure.Key}={measure.Value}"))} "
        + $"{string.Join(" ", input.Rules.Select(rule => $"{rule.Key}={rule.Value}"))} "
        + $"{string.Join("; ", input.Points.Select(point => $"{point.X}, {point.Y}, {point.Rise}"))} "
        + $"{string.Join("; ", input.Stations.Select(station => $"{station.At}, {station.Width}"))} "
        + $"usable={input.UsableWidth} count={input.Count}";

    private static IEnumerable<(string Name, string Word)> OptionsOf(ShapeDefinition shape, string construction)
    {
        yield return ("", "");
        foreach (var option in ConstructionCatalogue.All[construction].Choices)
        {
            IEnumerable<string> words = option.Name switch
            {
                "closure" => ConstructionCatalogue.All[construction].ClosuresOf(shape).Select(closure => closure.Word()),
                "edge" => shape.Edges.Select(edge => edge.Word()),
                _ => option.Words,
            };
            foreach (var word in words.Where(word => option.Name != "plates" || word != "turned" || construction != "blocks"))
            {
                yield return (option.Name, word);
            }
        }
    }

    private static CoverInput Make(CoverCell cell, string unit, double[] shares, int[] optional, int[] fit, decimal usable, int count)
    {
        var measures = new Dictionary<string, Entry>();
        var next = 0;
        decimal Between(int least, int most) => Step(unit, least + (shares[next++ % shares.Length] * (most - least)));
        foreach (var measure in cell.Shape.Measures)
        {
            var (least, most) =
                Likely.TryGetValue($"{cell.Form.Id}.{measure.Name}", out var own)
                || Likely.TryGetValue($"{cell.Shape.Id}.{measure.Name}", out own)
                    ? own
                    : Likely[measure.Name];
            var value = Between(least, most);
            var isOptional = (measure.Optional || measure.Rule is not null) && measure.Name is not ("diameter" or "cornerRadius");
            if (!isOptional || optional[measure.Name.Length % 6] < 60)
            {
                measures[measure.Name] = Entry.Number(
                    measure.MayBeZero && optional[0] < 50 && (measure.Name != "thickness" || cell.Construction == "bag") ? 0 : value
                );
            }
        }

        measures.Remove("circumference");
        if (
            cell.Construction is "wrap-notched" or "wrap-folded" or "panels-folded" or "band-ends"
            && cell.Form.Id is "box-cushion" or "mattress"
        )
        {
            measures.Remove("cornerRadius");
        }

        if (cell.Construction == "panels-folded" && cell.Form.Id == "mattress" && usable > 0)
        {
            usable = 2740m; // two panels of a mattress need sheeting
        }

        if (cell is { Option: "plates", Word: "straight" })
        {
            usable = 0; // straight on narrow cloth is refused, and rightly
        }

        if (cell.Option is "hands" or "returnCorners")
        {
            count *= 2;
        }

        var shape = cell.Shape.List;
        var depth = measures.TryGetValue("depth", out var taken) ? taken.Millimetres!.Value : 500m;
        return new()
        {
            Unit = unit,
            Form = cell.Form.Id,
            Shape = cell.Shape.Id,
            Construction = cell.Construction,
            Measures = measures,
            Rules = new Dictionary<string, Entry>
            {
                ["fit.width"] = Entry.Number(Step(unit, 2 * Math.Max(fit[0], cell.Form.Id is "duvet" or "pillowcase" ? 0 : -3))),
                ["fit.depth"] = Entry.Number(Step(unit, 2 * Math.Max(fit[1], cell.Form.Id is "duvet" or "pillowcase" ? 0 : -3))),
                ["fit.thickness"] = Entry.Number(
                    measures.TryGetValue("thickness", out var thick) && thick.Millimetres == 0 ? 0 : Step(unit, 2 * fit[2])
                ),
            },
            Options =
                cell.Option.Length == 0 ? new Dictionary<string, string>() : new Dictionary<string, string> { [cell.Option] = cell.Word },
            Points = shape == MeasureList.Points ? Hull(unit, shares, cell.Form.Id == "mattress" ? 2.2 : 1, cell.Form.Id == "board") : [],
            Stations =
                shape == MeasureList.Stations
                    ?
                    [
                        new(Entry.Number(0), Entry.Number(Between(380, 520))),
                        new(Entry.Number(depth * 0.4m), Entry.Number(Between(380, 520))),
                        new(Entry.Number(depth), Entry.Number(Between(300, 460))),
                    ]
                    : [],
            Zones = shape == MeasureList.Zones ? Zones(Between) : [],
            UsableWidth =
                cell.Word == "turned" || usable == 0
                    ? null
                    : Entry.Number(cell.Word == "middle-and-sides" && cell.Option == "plates" ? Math.Max(usable, 1100) : usable),
            Nap = "either",
            Count = count,
        };
    }

    /// <summary>
    /// A berth that follows a hull: five corners, one edge bulging, one hollow where it may be; or square after all, or with a piece out of
    /// it.
    /// </summary>
    private static PointInput[] Hull(string unit, double[] shares, double scale, bool isConvex)
    {
        Entry At(double value) => Entry.Number(Step(unit, value * scale));
        var (width, depth) = (500 + (300 * shares[0]), 450 + (250 * shares[1]));
        if (shares[4] < 0.2)
        {
            return [new(At(0), At(0)), new(At(width), At(0)), new(At(width), At(depth)), new(At(0), At(depth))];
        }

        if (shares[4] < 0.4 && !isConvex)
        {
            return
            [
                new(At(0), At(0)),
                new(At(width), At(0)),
                new(At(width), At(depth)),
                new(At(width * 0.6), At(depth)),
                new(At(width * 0.6), At(depth * 0.7)),
                new(At(0), At(depth * 0.7)),
            ];
        }

        return
        [
            new(At(0), At(0)),
            new(At(width), At(0)),
            new(At(width + 40), At(depth * 0.6), At(isConvex ? 12 : 30 * shares[2])),
            new(At(width * 0.8), At(depth)),
            new(At(20), At(depth * 0.9), isConvex ? null : At(-8 * shares[3])),
        ];
    }

    private static ZoneInput[] Zones(Func<int, int, decimal> between) =>
        [
            new()
            {
                Name = "Inside back",
                Width = Entry.Number(between(400, 700)),
                Height = Entry.Number(between(400, 700)),
                Tucks = ["bottom", "left", "right"],
                FreeTuck = Entry.Number(between(20, 120)),
            },
            new()
            {
                Name = "Inside arm",
                Width = Entry.Number(between(400, 700)),
                Height = Entry.Number(between(300, 500)),
                Tucks = ["bottom"],
                Count = 2,
                Pair = true,
            },
            new()
            {
                Name = "Arm front",
                Width = Entry.Number(between(700, 1000)),
                Height = Entry.Number(between(80, 150)),
                Strip = true,
                Count = 2,
                Pair = true,
                Piped = ["left"],
            },
            new()
            {
                Name = "Wing",
                Width = Entry.Number(between(200, 400)),
                Height = Entry.Number(between(300, 500)),
                Slanted = true,
                Count = 2,
                Pair = true,
            },
        ];

    private static decimal Step(string unit, double millimetres) =>
        unit == "in" ? Math.Round((decimal)millimetres / 1.5875m) * 1.5875m : Math.Round((decimal)millimetres);
}
