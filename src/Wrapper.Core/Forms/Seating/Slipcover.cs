using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions.PinnedBlocks;
using Wrapper.Core.English;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Seating;

/// <summary>A slipcover for upholstered furniture.</summary>
internal static class Slipcover
{
    private static readonly Measure SkirtLength = new("skirtLength");

    private static readonly Measure SkirtDrop = new("skirtDrop");

    private static readonly Measure ZipLength = new("zipLength");

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "slipcover",
                "Slipcover",
                [
                    new(
                        "zones",
                        "Part by part",
                        [
                            Measures.Detail(
                                SkirtLength,
                                "Skirt, length round",
                                "Once round the base where the skirt hangs.",
                                "",
                                "",
                                20_000m
                            ) with
                            {
                                Optional = true,
                            },
                            Measures.Detail(
                                SkirtDrop,
                                "Skirt, drop",
                                "From the seam of the skirt to the floor, less what it shall clear.",
                                "",
                                ""
                            ) with
                            {
                                Optional = true,
                            },
                            Measures.Detail(ZipLength, "Zip, length", "Down one back corner, to the seam of the skirt.", "", "") with
                            {
                                Optional = true,
                            },
                        ],
                        [Blocks.Id]
                    )
                    {
                        List = MeasureList.Zones,
                        Closures = [Closure.Zip, Closure.Plain],
                    },
                ]
            )
            {
                IsMeasuredBare = true,
                IsHeavy = true,
                Covers = "chair",
            },
            Draft,
            thing => new(null, Finished(thing), Skirt(thing), 0)
        );

    private static ConstructedCover Draft(CoverSpecification specification)
    {
        var checks = new List<Check>();
        if (specification.Zones.Count == 0)
        {
            checks.Add(Check.Error("zones-missing", FormText.ZonesMissing, "zones"));
            return new() { Checks = checks };
        }

        var zones = new List<BlockZone>();
        for (var i = 0; i < specification.Zones.Count; i++)
        {
            AddZone(zones, specification.Zones[i], i + 1, specification, checks);
        }

        var cover = Blocks.Construct(zones, specification.Rules[Rule.Pin], specification);
        if (cover.Pieces.Count == 0)
        {
            return cover with { Checks = [.. checks, .. cover.Checks] };
        }

        List<Piece> pieces = [.. cover.Pieces];
        List<Notion> notions = [.. cover.Notions];
        List<Seam> seams = [.. cover.Seams];
        AddSkirt(specification, pieces, seams, checks);
        AddPiping(specification, pieces, notions, checks);
        if (specification.Choices.Closure != Closure.Plain && specification.Measures.TryGetValue(ZipLength, out var zip))
        {
            notions.Add(
                new(
                    NotionKind.ZipClosedEnd,
                    FormText.ZipDownABackCornerClosed,
                    specification.Count,
                    Worked.Given("zip", zip, QuantitySource.Measure)
                )
            );
        }

        return cover with
        {
            Pieces = pieces,
            Seams = seams,
            Notions = notions,
            Checks = [.. checks, .. cover.Checks],
        };
    }

    private static void AddZone(List<BlockZone> zones, Zone zone, int number, CoverSpecification specification, List<Check> checks)
    {
        var format = specification.Format;
        var tuck = Tuck.Used(specification.Rules[Rule.Tuck], Worked.Given("free gap", zone.FreeTuck, QuantitySource.Measure));
        if (zone.Tucks.Count > 0 && zone.FreeTuck < specification.Rules[Rule.Tuck].Value)
        {
            checks.Add(Check.Note("tuck-shortened", FormText.TuckShortened(zone.Name, format.RoundedWithUnit(zone.FreeTuck)), "zones"));
        }

        Worked At(string edge) => zone.Tucks.Contains(edge) ? tuck : Worked.Zero;
        var pin = specification.Rules[Rule.Pin];
        var along = zone.Strip ? specification.Rules[Rule.StripSpare] / 2 : pin; // a bent strip has a spare of its own beyond its wall
        var height = Worked.Given("height", zone.Height, QuantitySource.Measure);
        var width = Worked.Given(
            zone.Strip ? "outer curve"
                : zone.Slanted ? "plumb width"
                : "width",
            zone.Width,
            QuantitySource.Measure
        );
        var margins = zone.Strip ? BlockSpare.None : new BlockSpare(At("left"), At("right"), At("bottom"), At("top"));
        if (!zone.Pair)
        {
            zones.Add(new($"block-{number}", zone.Name, width, height, margins, zone.Count, pin, along));
            return;
        }

        if (zone.Count % 2 != 0)
        {
            checks.Add(Check.Warning("pair-without-partner", FormText.PairWithoutPartner(zone.Name, zone.Count), "zones"));
        }

        // The left one is the right one turned over: what tucks in on its left tucks in on the other's right.
        var each = (zone.Count + 1) / 2;
        var (left, right) = (new PairPart(zone.Name, EdgeSide.Left), new PairPart(zone.Name, EdgeSide.Right));
        zones.Add(
            new($"block-{number}-left", left.Name, width, height, margins, each, pin, along)
            {
                Hand = left,
                Partner = $"block-{number}-right",
            }
        );
        zones.Add(
            new(
                $"block-{number}-right",
                right.Name,
                width,
                height,
                margins with
                {
                    Left = margins.Right,
                    Right = margins.Left,
                },
                each,
                pin,
                along
            )
            {
                Hand = right,
                Partner = $"block-{number}-left",
            }
        );
    }

    private static void AddSkirt(CoverSpecification specification, List<Piece> pieces, List<Seam> seams, List<Check> checks)
    {
        if (!specification.Measures.TryGetValue(SkirtLength, out var round))
        {
            return;
        }

        if (!specification.Measures.TryGetValue(SkirtDrop, out var drop))
        {
            checks.Add(Check.Warning("skirt-without-drop", FormText.SkirtWithoutDrop, "skirtDrop"));
            return;
        }

        // It is sewn to what was pinned: only its own parts have edges that are known before that.
        var skirt = SkirtPieces.Draw(
            specification,
            Worked.Given("skirt, length round", round, QuantitySource.Measure),
            Worked.Given("skirt, drop", drop, QuantitySource.Measure),
            corners: 4
        );
        pieces.Add(skirt);
        seams.AddRange(SkirtPieces.Joins(skirt));
    }

    private static void AddPiping(CoverSpecification specification, List<Piece> pieces, List<Notion> notions, List<Check> checks)
    {
        var edges = specification
            .Zones.SelectMany(zone =>
                Enumerable
                    .Repeat(zone, zone.Count)
                    .SelectMany(each => each.Piped.Select(edge => edge is "left" or "right" ? each.Height : each.Width))
            )
            .Select(length => Worked.Given("piped edge", length, QuantitySource.Measure))
            .ToList();
        if (edges.Count > 0)
        {
            notions.AddRange(PipingCasing.Runs(specification, edges, pieces, checks));
        }
    }

    /// <summary>
    /// What the maker trimmed on the thing is no matter of the thing's measures any more: of a pair, one was trimmed for both.
    /// </summary>
    private static IReadOnlyList<ExpectedZone> Finished(MeasuredThing thing) =>
        [
            .. thing
                .Cover.Zones.Select(
                    (zone, i) => (zone, keys: zone.Pair ? (string[])[$"block-{i + 1}-left", $"block-{i + 1}-right"] : [$"block-{i + 1}"])
                )
                .Where(entry => !entry.keys.Any(thing.Cover.Trimmed.ContainsKey))
                .SelectMany(entry => entry.keys, (entry, key) => ZoneOf(entry.zone, key, thing)),
        ];

    /// <summary>The skirt of a slipcover; null where it has none.</summary>
    private static ExpectedSkirt? Skirt(MeasuredThing thing) =>
        thing.Has(SkirtLength) && thing.Has(SkirtDrop) ? PlainCover.SkirtOf(thing, thing.Taken(SkirtLength), thing.Taken(SkirtDrop)) : null;

    /// <summary>A zone with what goes down into the gaps at its edges; a strip has a spare of its own along its long sides.</summary>
    private static ExpectedZone ZoneOf(Zone zone, string key, MeasuredThing thing)
    {
        var pin = thing.Figure(Rule.Pin);
        if (zone.Strip)
        {
            return new(key, zone.Width.Millimetres, zone.Height.Millimetres, pin, thing.Figure(Rule.StripSpare) / 2);
        }

        var tuck = Math.Min(thing.Figure(Rule.Tuck), zone.FreeTuck.Millimetres);
        double At(params string[] edges) => edges.Count(zone.Tucks.Contains) * tuck;
        return new(key, zone.Width.Millimetres + At("left", "right"), zone.Height.Millimetres + At("top", "bottom"), pin, pin);
    }
}
