using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Lays;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>
/// What is cut next of a cloth: by the lay that is known while it does, and by another on what is left as soon as a piece was
/// spoiled, a flaw was found, the cloth is shorter or a piece has another size. See docs/handbook.md, "At the cutting table".
/// </summary>
public static class CuttingPlanner
{
    private const string Gone = "cut/";

    /// <summary>In square millimetres: a line is no hole in a cloth.</summary>
    private const double LeastArea = 1;

    /// <summary>Longer than any piece: where a piece of cloth from the shelf ends, nothing lies.</summary>
    private static readonly Length Beyond = Length.FromMillimetres(100_000m);

    /// <summary>Plans the cutting of a cloth.</summary>
    /// <param name="buyer">The covers.</param>
    /// <param name="cloth">The cloth.</param>
    /// <param name="progress">What was cut and found of it.</param>
    /// <param name="steps">How long a lay is looked for.</param>
    /// <param name="shouldStop">Asked while one is.</param>
    public static CutPlan Of(ClothBuyer buyer, ClothSpecification cloth, CutProgress progress, int steps, Func<bool>? shouldStop = null)
    {
        var isBegun = progress.Cut.Count > 0 || progress.Planned.Count > 0 || progress.Flaws.Count > 0 || progress.Available is not null;
        var yardage = isBegun ? buyer.Drafted(cloth) : buyer.Buy(cloth, steps, shouldStop);
        if (!isBegun)
        {
            return yardage.Lay is { } first ? Planned(cloth, yardage, first.Placements, first, relaid: false, progress) : Nothing(yardage);
        }

        var left = new LeftToCut(yardage.Pieces, progress);
        var request = Round(
            ReadyMade.Bounded(ClothBuyer.RequestOf(cloth, yardage.Pieces), cloth, []) with
            {
                Pinned = [],
                Known = [],
                Remnants = [.. cloth.Remnants.Select(remnant => remnant with { Gone = GoneOf(remnant, progress) })],
            },
            left,
            progress,
            yardage.Pieces
        );
        if (left.Pieces.Count == 0)
        {
            var cut = progress.Cut.Where(shape => shape.Remnant is null).Select(shape => shape.Outline).ToList();
            var done = Planned(cloth, yardage, [], null, relaid: false, progress);
            return done with { LeftOver = buyer.LeftOf(cloth, cut, progress.Flaws, progress.Available ?? done.Length) };
        }

        var known = left.Known;
        if (
            known is not null
            && (progress.IsPlannedSince || progress.Available is null)
            && !LayPins.Problems(request with { Pinned = [.. request.Pinned, .. known.Where(place => place.Remnant is null)] }).Any()
            && known.Where(place => place.Remnant is not null).GroupBy(place => place.Remnant).All(on => IsFree(request, on.Key!, [.. on]))
        )
        {
            return Planned(cloth, yardage, left.Named(known), null, relaid: false, progress);
        }

        var outcome = LayPlanner.Plan(OnHems(request, cloth, left, progress) with { Available = progress.Available }, steps, shouldStop);
        return outcome.Lay is { } lay
            ? Planned(cloth, yardage, left.Named(lay.Placements), null, relaid: true, progress)
            : Nothing(yardage) with
            {
                Checks = [.. yardage.Checks, .. outcome.Checks],
            };
    }

    private static CutPlan Nothing(Yardage yardage) =>
        new([], [], [], Length.Zero, Relaid: false) { Checks = yardage.Checks, Drafts = yardage.Drafts };

    /// <summary>
    /// The lay of what is left round what is gone: nothing lies where something was cut. One that was cut is only cloth that is
    /// gone, but it shows where the pattern is met: what is still to be cut goes on from it.
    /// </summary>
    private static LayRequest Round(LayRequest request, LeftToCut left, CutProgress progress, IReadOnlyList<LaidPiece> laid)
    {
        var pieces = request.Pieces.ToDictionary(piece => piece.Id);
        var still = left.Pieces.Select(piece => pieces[piece.LayId] with { Quantity = left.Copies(piece.LayId).Count }).ToList();
        List<(LayPiece Piece, CutShape Shape)> gone =
        [
            .. progress
                .Cut.Where(shape => shape.Remnant is null && LayShape.Of(shape.Outline, 0).Area > LeastArea)
                .Select(
                    (shape, number) =>
                        (
                            new LayPiece(
                                $"{Gone}{number}",
                                1,
                                shape.Outline,
                                [0],
                                laid.FirstOrDefault(piece => LeftToCut.IsOf(piece, shape)) is { } was ? pieces[was.LayId].Match : null
                            ),
                            shape
                        )
                ),
        ];
        List<Flaw> flaws = [.. request.Flaws, .. progress.Flaws];
        while (true)
        {
            var round = request with
            {
                Pieces = [.. still, .. gone.Select(one => one.Piece)],
                Pinned = [.. request.Pinned, .. gone.Select(one => PinOf(one.Piece))],
                Flaws = flaws,
            };
            var off = LayPins.Problems(round).Select(problem => problem.Pin.Piece).ToHashSet();
            var boxed = gone.Where(one => off.Contains(one.Piece.Id)).ToList();
            if (boxed.Count == 0)
            {
                return round;
            }

            // it lies over a flaw, or the cloth is narrower now
            flaws = [.. flaws, .. boxed.Select(one => Box(one.Shape, request.UsableWidth))];
            gone.RemoveAll(boxed.Contains);
        }
    }

    /// <summary>
    /// What keeps hems of the cloth is put down on those that are left; where the pattern does not let it, it is laid without.
    /// </summary>
    private static LayRequest OnHems(LayRequest request, ClothSpecification cloth, LeftToCut left, CutProgress progress)
    {
        List<Flaw> gone =
        [
            .. progress.Cut.Where(shape => shape.Remnant is null).Select(shape => Box(shape, request.UsableWidth)),
            .. cloth.Flaws,
            .. progress.Flaws,
        ];
        var pinned = request with
        {
            Pinned =
            [
                .. request.Pinned,
                .. OnTheirHems.Of(left.Pieces.Select(piece => (piece, left.Copies(piece.LayId).Count)), cloth, gone),
            ],
        };
        if (pinned.Pinned.Count == request.Pinned.Count)
        {
            return request;
        }

        var off = LayPins.Problems(pinned).Select(problem => problem.Pin).ToHashSet();
        return pinned with { Pinned = [.. pinned.Pinned.Where(pin => !off.Contains(pin))] };
    }

    private static List<IReadOnlyList<Geometry.Point>> GoneOf(Remnant remnant, CutProgress progress) =>
        [
            .. progress
                .Cut.Where(shape => shape.Remnant == remnant.Id && LayShape.Of(shape.Outline, 0).Area > LeastArea)
                .Select(shape => shape.Outline),
        ];

    /// <summary>A piece of cloth from the shelf has room for what is to lie on it, beside what was cut of it.</summary>
    private static bool IsFree(LayRequest request, string remnant, IReadOnlyList<Placement> known)
    {
        if (request.Remnants.FirstOrDefault(one => one.Id == remnant) is not { } piece)
        {
            return false;
        }

        List<LayPiece> gone = [.. piece.Gone.Select((outline, number) => new LayPiece($"{Gone}{number}", 1, outline, [0]))];
        var onIt = known.Select(place => place.Piece).ToHashSet();
        return !LayPins
            .Problems(
                request with
                {
                    UsableWidth = piece.Width,
                    RepeatLength = Length.Zero,
                    RepeatWidth = Length.Zero,
                    MotifAcross = null,
                    Remnants = [],
                    Flaws = [new(piece.Length, piece.Length + Beyond)],
                    Pieces = [.. gone, .. request.Pieces.Where(laid => onIt.Contains(laid.Id))],
                    Pinned = [.. gone.Select(PinOf), .. known.Select(place => place with { Remnant = null })],
                }
            )
            .Any();
    }

    private static Placement PinOf(LayPiece gone) =>
        new(gone.Id, 1, 0, gone.Corners.Min(point => point.X), gone.Corners.Min(point => point.Y));

    private static Flaw Box(CutShape shape, Length usable) =>
        new(
            Length.Max(Length.Zero, shape.Outline.Min(point => point.Y)),
            shape.Outline.Max(point => point.Y),
            Length.Max(Length.Zero, shape.Outline.Min(point => point.X)),
            Length.Min(usable, shape.Outline.Max(point => point.X))
        );

    private static CutPlan Planned(
        ClothSpecification cloth,
        Yardage yardage,
        IReadOnlyList<Placement> placements,
        Lay? lay,
        bool relaid,
        CutProgress progress
    )
    {
        var pieces = ClothBuyer.RequestOf(cloth, yardage.Pieces).Pieces.ToDictionary(piece => piece.Id);
        var laid = yardage.Pieces.ToDictionary(piece => piece.LayId);
        Length TopOf(Placement place) => place.Y + Length.FromNanometres(LayShape.Of(pieces[place.Piece].Corners, place.Turn).Height);
        var beyond = placements
            .Where(place => place.Remnant is null && progress.Available is { } available && TopOf(place) > available)
            .ToHashSet();
        var fitting = placements.Where(place => !beyond.Contains(place)).ToList();
        var top = placements
            .Where(place => place.Remnant is null)
            .Select(TopOf)
            .Concat(progress.Cut.Where(shape => shape.Remnant is null).Select(shape => shape.Outline.Max(point => point.Y)))
            .DefaultIfEmpty()
            .Max();
        var whole = lay ?? new Lay(top, Length.Zero, Length.Zero, 0, fitting);
        return new(
            [.. CutCards.Of(whole with { Placements = fitting }, laid, [.. pieces.Values])],
            [.. fitting.Select(Named)],
            [.. beyond.Select(Named)],
            top,
            relaid
        )
        {
            Checks = yardage.Checks,
            Drafts = yardage.Drafts,
            Lacking = beyond.Count > 0 ? top - progress.Available!.Value : Length.Zero,
        };

        PlannedCopy Named(Placement place) =>
            new(
                laid[place.Piece].Cover,
                laid[place.Piece].Piece.Key,
                LeftToCut.CopyOf(laid[place.Piece], place.Copy),
                place.Turn,
                place.X,
                place.Y,
                place.Remnant
            );
    }
}
