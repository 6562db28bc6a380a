using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bands;

/// <summary>
/// A band over a profile, closed by two ends: the profile is the thing seen from its end. It is closed all round, or open
/// underneath. See docs/handbook.md, "Band and ends".
/// </summary>
public static class BandEnds
{
    /// <summary>The construction's id.</summary>
    public const string Id = "band-ends";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Band and ends",
            "A band over the profile, closed by two ends.",
            "the cloth runs round without a seam",
            "through the band, or pulled over",
            "comes off whole",
            "things whose profile runs through"
        )
        {
            Closures = Catalogue.Closing.Zipped,
            CarriesPiping = true,
            TurnsHems = true,
            Choices = [Choice.Piping, Choice.Bias, Choice.Plates, Choice.Closure, Choice.Edge],
        };

    /// <summary>Drafts a band closed all round, zipped where the profile begins.</summary>
    /// <param name="profile">The end's outline, from where the band is closed.</param>
    /// <param name="width">The band's finished width, end to end.</param>
    /// <param name="closedEnd">How far the closing seam is sewn shut at each end; null without a zip.</param>
    /// <param name="finished">What is worth reading off.</param>
    /// <param name="specification">The cover.</param>
    internal static ConstructedCover Closed(
        ClosedPlan profile,
        Worked width,
        Worked closedEnd,
        IReadOnlyList<FinishedSize> finished,
        CoverSpecification specification
    )
    {
        var closure = new BackClosure(specification, specification.Rules[Rule.Zip]);
        var opening = (width - (2 * closedEnd)).Named("zip");
        var ends = new PlatePieces(profile, specification.In(PieceRole.End, PieceKind.End), PieceKind.End);
        var cutLength = profile.Perimeter + closure.Both;
        var lay = new WidePieceLay(
            specification.In(PieceRole.Band, PieceKind.Band),
            "band",
            (width + (2 * specification.Rules[Rule.Seam])).Value,
            cutLength.Value,
            canJoin: false
        );
        var checks = new List<Check>([.. ends.Checks, .. lay.Checks]);
        if (!opening.Value.IsPositive)
        {
            checks.Add(
                Check.Error("no-opening", BandsText.NoOpening, "closedEnd", new Mend(CommonText.ToClosedEnd0, "rules.closedEnd", "0"))
            );
        }

        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var perimeter = new PlanPerimeter(profile.Outline);
        ends.Break(perimeter);
        var shut = closedEnd.Value;
        var band = Band(
            perimeter.Spans,
            perimeter,
            width,
            cutLength,
            (closure.Over.Value, closure.Under.Value),
            specification,
            shut,
            opening.Value
        ) with
        {
            Turns = lay.Turns,
        };
        List<Piece> pieces = [.. ends.Draw(perimeter), band];
        List<Notion> notions = specification.Choices.Closure switch
        {
            Closure.Zip => [new(NotionKind.Zip, "Zip", specification.Count, opening)],
            Closure.InvisibleZip =>
            [
                new(NotionKind.Zip, CommonText.InvisibleZipSewnInOpenStopping, specification.Count, opening) { IsInvisible = true },
            ],
            _ => [.. closure.Notions(opening, null)],
        };
        if (specification.Choices.Piping != Piping.None)
        {
            notions.AddRange(
                PipingCasing.Runs(
                    specification,
                    [.. Enumerable.Repeat(profile.Perimeter, (int)specification.Choices.Piping)],
                    pieces,
                    checks
                )
            );
        }

        return new()
        {
            Pieces = pieces,
            Seams =
            [
                .. ends.JoinSeams(),
                .. EndSeams(perimeter.Spans, span => ends.KeyAt(perimeter, span), specification),
                .. Closing(shut, closure.Takes),
            ],
            Notions = notions,
            Finished = finished,
            Checks = checks,
            Joins = ends.Joins,
        };
    }

    /// <summary>Drafts a band open underneath, drawn in along its lower edge.</summary>
    /// <param name="profile">The end's outline, its sides carried down as far as they reach under; its edge <c>hem</c> is the
    /// opening.</param>
    /// <param name="width">The band's finished width, end to end.</param>
    /// <param name="developed">The band's finished length over the profile, what reaches under included.</param>
    /// <param name="finished">What is worth reading off.</param>
    /// <param name="specification">The cover.</param>
    internal static ConstructedCover Open(
        ClosedPlan profile,
        Worked width,
        Worked developed,
        IReadOnlyList<FinishedSize> finished,
        CoverSpecification specification
    )
    {
        var (seam, hem) = (specification.Rules[Rule.Seam], specification.Rules[Rule.Hem]);
        var opening = (2 * (width + profile.Edges["hem"])).Named("opening");
        var finish = new EdgeFinish(specification, opening);
        var cutLength = developed + (2 * hem);
        var lay = new WidePieceLay(
            specification.In(PieceRole.Band, PieceKind.Band),
            "band",
            (width + (2 * seam)).Value,
            cutLength.Value,
            canJoin: false
        );
        List<Check> checks = [.. lay.Checks, .. finish.Checks()];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var perimeter = new PlanPerimeter(profile.Outline);
        var spans = perimeter.Spans.Where(span => span.Whole != EdgeName.Hem).ToList();
        var end = PieceMaker.InFacingPairs(
            PieceMaker.Make(
                specification,
                PieceKind.End,
                "End",
                2,
                profile.Outline,
                profile.Width + (2 * seam),
                profile.Depth + seam + hem,
                edge => edge == EdgeName.Hem ? hem.Value : seam.Value
            )
        );
        var band = Band(spans, perimeter, width, cutLength, (hem.Value, hem.Value), specification) with { Turns = lay.Turns };
        return new()
        {
            Pieces = [end, band],
            Seams = [.. EndSeams(spans, _ => "end", specification)],
            Notions = [.. finish.Notions()],
            Finished = [.. finished, new("opening", CommonText.EdgeBeforeItIsDrawn, opening) { IsOpening = true }],
            Checks = checks,
        };
    }

    private static IEnumerable<Seam> EndSeams(IReadOnlyList<PlanSpan> spans, Func<PlanSpan, string> endAt, CoverSpecification specification)
    {
        var piped = (int)specification.Choices.Piping;
        foreach (var span in spans)
        {
            yield return new(
                $"left-{span.Name}",
                new(endAt(span), span.Name),
                new("band", Along(EdgeSide.Left, span)),
                piped > 0 ? Caught.Piping : null
            );
            yield return new(
                $"right-{span.Name}",
                new(endAt(span), span.Name, 2),
                new("band", Along(EdgeSide.Right, span)),
                piped > 1 ? Caught.Piping : null
            );
        }
    }

    /// <summary>The stretch of the band's left or right edge that is sewn to this stretch of an end.</summary>
    private static EdgeName Along(EdgeSide side, PlanSpan span) => EdgeName.Called($"{side.Word()}-{span.Name}", new(side, span.Name.Side));

    /// <summary>One of the two edges between which the band is closed.</summary>
    private static EdgeName EndOf(EdgeLayer end) => EdgeName.Called(end.Word(), new(EdgeSide.None, Layer: end), EdgeFunction.Zip);

    /// <summary>The part of it that is sewn shut beside the zip.</summary>
    private static EdgeName ShutEndOf(EdgeLayer end, EdgeSide side) =>
        EdgeName.Called($"{end.Word()}-{side.Word()}", new(side, Layer: end), EdgeFunction.BesideZip);

    private static IEnumerable<Seam> Closing(Length shut, Caught takes)
    {
        yield return new("zip", new("band", EndOf(EdgeLayer.Start)), new("band", EndOf(EdgeLayer.Finish)), takes);
        if (shut.IsPositive)
        {
            yield return new(
                "closed-left",
                new("band", ShutEndOf(EdgeLayer.Start, EdgeSide.Left)),
                new("band", ShutEndOf(EdgeLayer.Finish, EdgeSide.Left))
            );
            yield return new(
                "closed-right",
                new("band", ShutEndOf(EdgeLayer.Start, EdgeSide.Right)),
                new("band", ShutEndOf(EdgeLayer.Finish, EdgeSide.Right))
            );
        }
    }

    private static Piece Band(
        IReadOnlyList<PlanSpan> spans,
        PlanPerimeter perimeter,
        Worked width,
        Worked cutLength,
        (Length Start, Length Finish) turning,
        CoverSpecification specification,
        Length shut = default,
        Length? opening = null
    )
    {
        var (across, along) = (width.Value, spans.Aggregate(Length.Zero, (sum, span) => sum + span.Length));
        var corners = new List<(EdgeName, Point)>();
        Ends(EdgeLayer.Start, Length.Zero, forward: true);
        var y = Length.Zero;
        foreach (var span in spans)
        {
            corners.Add((Along(EdgeSide.Right, span), new(across, y)));
            y += span.Length;
        }

        Ends(EdgeLayer.Finish, along, forward: false);
        foreach (var span in Enumerable.Reverse(spans))
        {
            corners.Add((Along(EdgeSide.Left, span), new(Length.Zero, y)));
            y -= span.Length;
        }

        var bends = StripBends.Of(perimeter, spans, Length.Zero, across);
        var seam = specification.Rules[Rule.Seam].Value;
        return PieceMaker.Make(
            specification,
            PieceKind.Band,
            "Band",
            1,
            Outline.Polygon(corners),
            width + (2 * specification.Rules[Rule.Seam]),
            cutLength,
            edge =>
                edge.At.Layer == EdgeLayer.Start ? turning.Start
                : edge.At.Layer == EdgeLayer.Finish ? turning.Finish
                : seam
        ) with
        {
            Folds =
            [
                .. bends.Folds.Select(fold =>
                    fold with
                    {
                        Through = [new(across, fold.Through[0].X), new(Length.Zero, fold.Through[0].X)],
                    }
                ),
            ],
            Rolls = [.. bends.Rolls.Select(roll => roll with { AlongX = false })],
            Marks =
            [
                .. bends.Folds.SelectMany(fold =>
                    (Mark[])
                        [
                            Mark.At(MarkKind.Notch, "angle of the profile", new(Length.Zero, fold.Through[0].X)),
                            Mark.At(MarkKind.Notch, "angle of the profile", new(across, fold.Through[0].X)),
                        ]
                ),
            ],
        };

        void Ends(EdgeLayer end, Length at, bool forward)
        {
            if (opening is not { } open || !shut.IsPositive)
            {
                corners.Add((EndOf(end), new(forward ? Length.Zero : across, at)));
                return;
            }

            (EdgeName, Point)[] three =
            [
                (ShutEndOf(end, EdgeSide.Left), new(forward ? Length.Zero : shut, at)),
                (EndOf(end), new(forward ? shut : shut + open, at)),
                (ShutEndOf(end, EdgeSide.Right), new(forward ? shut + open : across, at)),
            ];
            corners.AddRange(forward ? three : three.Reverse());
        }
    }
}
