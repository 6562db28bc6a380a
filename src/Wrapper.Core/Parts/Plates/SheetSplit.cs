using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Plates;

/// <summary>
/// A large piece got out of narrow cloth as a full width in the middle and two equal sides, never with a seam down its
/// middle. See docs/handbook.md, "Pieces wider than the cloth".
/// </summary>
internal sealed class SheetSplit
{
    private readonly Dictionary<string, string> _partOf = [];

    /// <summary>The parts, or the whole piece.</summary>
    public IReadOnlyList<Piece> Pieces { get; private init; } = [];

    /// <summary>The seams that join the parts of each copy.</summary>
    public IReadOnlyList<Seam> Joins { get; private init; } = [];

    public IReadOnlyList<Check> Checks { get; private init; } = [];

    /// <summary>The piece in one.</summary>
    public static SheetSplit None(Piece piece) => new() { Pieces = [piece] };

    /// <summary>The piece in three; edges that are sewn to others are named, because a join may not end on them.</summary>
    public static SheetSplit Of(Piece whole, Worked finished, CoverSpecification specification, IReadOnlyCollection<string>? sewn = null)
    {
        var usable = specification.UsableWidth!.Value;
        var joinSeam = specification.Rules[Rule.JoinSeam];
        var join = joinSeam.Value;
        var middle = usable <= whole.StitchLine.Bounds.Width ? Worked.Given("usable width", usable, QuantitySource.Cloth) : finished;
        var lines = MiddleAndSides.Of(whole.StitchLine, usable, join);
        var sideCut = ((whole.CutWidth.Value - usable).Half()) + (2 * join);
        var endsOnSeam = sewn is not null && whole.StitchLine.Edges.Any(edge => sewn.Contains(edge.Name) && lines.Crossings(edge).Any());
        if (!lines.SplitsInThree(whole.StitchLine) || sideCut > usable || endsOnSeam)
        {
            return new()
            {
                Checks =
                [
                    Check.Error("piece-wider-than-cloth", PartsText.PieceWiderThanCloth(whole.Name.ToLowerInvariant()), "plates") with
                    {
                        Concerns = CheckConcern.Cloth,
                    },
                ],
            };
        }

        var split = new SheetSplit
        {
            Pieces = [.. MiddleAndSides.Parts.Select(part => Part(whole, part, lines, middle, joinSeam))],
            Joins =
            [
                .. from copy in Enumerable.Range(1, whole.PerCover)
                from side in (EdgeSide[])[EdgeSide.Left, EdgeSide.Right]
                select JoinOf(whole, side.Word(), side == EdgeSide.Left ? EdgeName.JoinLeft : EdgeName.JoinRight, copy),
            ],
        };
        foreach (var piece in split.Pieces)
        {
            foreach (var edge in piece.StitchLine.Names)
            {
                split._partOf[edge] = piece.Key;
            }
        }

        return split;
    }

    /// <summary>A seam of the whole piece, on the parts that have its edges.</summary>
    public Seam Moved(Seam seam) => seam with { First = Moved(seam.First), Second = Moved(seam.Second) };

    private static Seam JoinOf(Piece whole, string side, EdgeName join, int copy) =>
        new(
            whole.PerCover == 1 ? $"join-{side}" : $"join-{side}-{copy}",
            new($"{whole.Key}-{side}", join, copy),
            new($"{whole.Key}-middle", join, copy),
            IsFlat: true
        );

    private SeamSide Moved(SeamSide side) => _partOf.TryGetValue(side.Edge, out var piece) ? side with { Piece = piece } : side;

    private static Piece Part(Piece whole, string part, MiddleAndSides lines, Worked middle, Worked join)
    {
        var kept = new List<Edge>();
        var broken = whole.StitchLine.Edges.Where(edge => lines.Crossings(edge).Any()).Select(edge => edge.Name).ToHashSet();
        var number = 1;
        EdgeName? last = null;
        foreach (var edge in whole.StitchLine.Edges)
        {
            number = edge.Name == last ? number : 1;
            last = edge.Name;
            List<Length> stops = [Length.Zero, .. lines.Crossings(edge), edge.Length];
            for (var i = 0; i + 1 < stops.Count; i++)
            {
                var name = broken.Contains(edge.Name) ? edge.Name.Part(number) : edge.Name;
                number += i + 2 < stops.Count ? 1 : 0;
                var piece = Partition.Cut(edge, stops[i], stops[i + 1], name);
                if (lines.PartOf(piece) == part)
                {
                    kept.Add(piece);
                }
            }
        }

        var outline = lines.Closed(kept);
        var allowances = outline.Names.ToDictionary(
            name => name.Word,
            name => name.Function == EdgeFunction.Join ? join.Value : AllowanceOf(whole, name)
        );
        var named = MiddleAndSides.PartOf(whole.Name, part);
        var cutAs = lines.CutOf(whole.CutLine, part, join.Value);
        var cut = cutAs ?? OutlineOffset.Offset(outline, allowances);
        return whole with
        {
            Key = $"{whole.Key}-{part}",
            Name = named.Name,
            Part = named,
            StitchLine = outline,
            Allowances = allowances,
            CutAs = cutAs,
            CutWidth =
                part == "middle"
                    ? middle
                    : CutSize.SideAcross(whole.StitchLine, whole.CutWidth, middle, join, name => AllowanceOf(whole, name), cut),
            CutLength = CutSize.AlongPart(whole.StitchLine, whole.CutLength, outline, cut),
            Folds = [.. Clipped(whole.Folds, part, lines)],
            Marks = [],
        };
    }

    private static Length AllowanceOf(Piece whole, EdgeName name) =>
        whole.Allowances.TryGetValue(name, out var allowance) ? allowance : whole.Allowances[name.WholeWord];

    /// <summary>Straight folds, cut off where the part ends.</summary>
    private static IEnumerable<Fold> Clipped(IReadOnlyList<Fold> folds, string part, MiddleAndSides lines)
    {
        var (low, high) = part switch
        {
            "left" => (Length.FromNanometres(long.MinValue / 4), lines.Left),
            "right" => (lines.Right, Length.FromNanometres(long.MaxValue / 4)),
            _ => (lines.Left, lines.Right),
        };
        foreach (var fold in folds.Where(fold => fold.Through.Count == 2))
        {
            var (start, end) = (fold.Through[0], fold.Through[1]);
            var (least, most) = (Length.Min(start.X, end.X), Length.Max(start.X, end.X));
            if (least == most ? least > low && least < high : most > low && least < high)
            {
                yield return least == most
                    ? fold
                    : fold with
                    {
                        Through =
                        [
                            new(Length.Max(low, Length.Min(high, start.X)), start.Y),
                            new(Length.Max(low, Length.Min(high, end.X)), end.Y),
                        ],
                    };
            }
        }
    }
}
