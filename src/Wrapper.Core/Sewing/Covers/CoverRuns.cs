using Wrapper.Core.Catalogue;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>
/// Which lines are sewn in one go: round a plate, round two faces, across an opened corner, along a closure. Schools part
/// them. See docs/handbook.md, "Points and runs".
/// </summary>
internal sealed class CoverRuns
{
    private readonly SeamLines _lines;
    private readonly IReadOnlyDictionary<string, Piece> _pieces;
    private readonly Schools _schools;
    private readonly CoverFaces _faces;

    /// <summary>The runs of one cover.</summary>
    public CoverRuns(SeamLines lines, IReadOnlyDictionary<string, Piece> pieces, Schools schools)
    {
        (_lines, _pieces, _schools) = (lines, pieces, schools);
        OfJoins = Faces(line => line.Kind == OperationKind.Join);
        _faces = Faces(line => line.Kind is OperationKind.Join or OperationKind.Zip or OperationKind.Tape);

        FirstPlate = lines.All.Select(line => PlateOf(line.Seam)).FirstOrDefault(face => face is not null);
        IsBoxed = pieces.Values.Any(piece => piece.Kind == PieceKind.Boxing);
        HasWalls = pieces.Values.Any(piece => piece.Kind == PieceKind.Wall && piece.Rolls.Count == 0);
        All = [.. Made()];
        Passed = All.SelectMany(run => run.Inside).ToHashSet();
    }

    /// <summary>The runs, in the ledger's order.</summary>
    public IReadOnlyList<Run> All { get; }

    /// <summary>The points some run passes: a seam that ends there is crossed.</summary>
    public IReadOnlySet<int> Passed { get; }

    /// <summary>It has a boxing.</summary>
    public bool IsBoxed { get; }

    /// <summary>It has walls that meet at corners.</summary>
    public bool HasWalls { get; }

    /// <summary>The face of the first plate; null where nothing is sewn round one.</summary>
    public int? FirstPlate { get; }

    /// <summary>The plate that a run goes round, or along: a plate, a top, an end; null for other runs.</summary>
    public int? PlateOf(Run run) => PlateOf(run.Lines[0].Seam);

    /// <summary>A line goes round or along a plate.</summary>
    public bool IsOnPlate(SeamLine line) => PlateOf(line.Seam) is not null;

    /// <summary>A strip with a zip or tape closes the ring.</summary>
    public bool IsClosedByStrip => IsBoxed && HasClosedRing;

    /// <summary>An edge is one of this plate's.</summary>
    public bool IsOn(int plate, SeamSide side) => _faces.Of(side) == plate;

    /// <summary>The faces that joins alone make.</summary>
    public CoverFaces OfJoins { get; }

    private CoverFaces Faces(Func<SeamLine, bool> joins)
    {
        var faces = new CoverFaces(_pieces.Values);
        foreach (var line in _lines.All.Where(joins))
        {
            faces.Join(line.Seam.First, line.Seam.Second);
        }

        return faces;
    }

    private IEnumerable<Run> Made()
    {
        foreach (var group in _lines.All.GroupBy(KeyOf))
        {
            var lines = group.ToList();
            if (group.Key.Alone)
            {
                foreach (var line in lines)
                {
                    yield return Run.Of(line);
                }

                continue;
            }

            foreach (var run in Run.Chains(lines).SelectMany(Parted))
            {
                yield return run;
            }
        }
    }

    /// <summary>What may be sewn on without stopping: the same work on the same plate, or on the same two faces.</summary>
    private (OperationKind Kind, Caught? Takes, bool Waits, bool Alone, int First, int Second, string Of) KeyOf(SeamLine line)
    {
        var (seam, kind) = (line.Seam, line.Kind);
        switch (kind)
        {
            case OperationKind.Corner:
                return (kind, null, false, false, 0, 0, "");
            case OperationKind.Join or OperationKind.Dart or OperationKind.CloseByHand:
                return (kind, null, false, true, 0, 0, line.Sewn.Id);
            case OperationKind.Zip or OperationKind.Tape:
                return (kind, seam.Takes, false, false, 0, 0, "");
        }

        if (line.Waits && seam.Id == line.Sewn.Id)
        {
            return (kind, seam.Takes, true, false, 0, 0, "layers");
        }

        var (first, second) = (_faces.Of(seam.First), _faces.Of(seam.Second));
        var (low, high) = (Math.Min(first, second), Math.Max(first, second));
        var plate = PlateOf(seam);
        return plate is { } face && !IsParted(face)
            ? (kind, seam.Takes, line.Waits, false, face, -1, "")
            : (kind, seam.Takes, line.Waits, false, low, high, plate is null ? "" : "plate");
    }

    /// <summary>The strips round this plate come to it one by one.</summary>
    private bool IsParted(int plate) =>
        plate == FirstPlate
        && ((HasWalls && _schools.Walls == WallSchool.OneByOne) || (IsBoxed && _schools.Ring == RingSchool.Front && HasClosedRing));

    private bool HasClosedRing => _lines.All.Any(line => line.Kind is OperationKind.Zip or OperationKind.Tape);

    /// <summary>The plate of a seam whose other side lies round it.</summary>
    private int? PlateOf(Seam seam)
    {
        var (first, second) = (_pieces[seam.First.Piece], _pieces[seam.Second.Piece]);
        if (first.Use == PieceUse.Hung || second.Use == PieceUse.Hung || first.Use == PieceUse.Applied)
        {
            return null;
        }

        return IsPlate(first) && !IsPlate(second) ? _faces.Of(seam.First)
            : IsPlate(second) && !IsPlate(first) ? _faces.Of(seam.Second)
            : IsOnlyFace(seam.First) ? _faces.Of(seam.First)
            : null;
    }

    private static bool IsPlate(Piece piece) => piece.Kind is PieceKind.Plate or PieceKind.Top or PieceKind.End;

    /// <summary>Everything is sewn to this one face: the front of a bag whose back is in parts.</summary>
    private bool IsOnlyFace(SeamSide side)
    {
        if (_pieces[side.Piece] is not { Kind: PieceKind.Face, PerCover: 1, Use: PieceUse.Cover })
        {
            return false;
        }

        var (face, seams) = (_faces.Of(side), _lines.All.Where(line => line.Kind == OperationKind.Seam).Select(line => line.Seam).ToList());
        return seams.TrueForAll(seam => _faces.Of(seam.First) == face)
            && seams.Select(seam => _faces.Of(seam.Second)).Distinct().Count(other => other != face) > 1;
    }

    /// <summary>
    /// Sewn from a front corner outwards, a ring round a plate is two runs; so is what goes on a first plate from the front.
    /// </summary>
    private IEnumerable<Run> Parted(Run run)
    {
        if (run.Kind != OperationKind.Seam || PlateOf(run) is not { } plate)
        {
            return [run];
        }

        if (run.IsRing)
        {
            var from = run.BegunAt(MiddleOfBack(run));
            return _schools.Creep == CreepSchool.FromACorner && run.Lines.Count > 2 ? Outwards(from) : [from];
        }

        return IsParted(plate) && IsBoxed && FrontCorner(run) is { } corner ? FrontFirst([.. run.CutAt(corner)]) : [run];
    }

    /// <summary>Both ways from a front corner to the back: each half ends where it meets the other.</summary>
    private static IEnumerable<Run> Outwards(Run ring)
    {
        if (FrontCorner(ring) is not { } corner)
        {
            return [ring];
        }

        var begun = ring.BegunAt(corner);
        var half = begun.Millimetres / 2;
        var (sum, best) = (0.0, 1);
        for (var i = 0; i < begun.Lines.Count - 1; i++)
        {
            sum += begun.Lines[i].Sewn.Millimetres;
            best = sum <= half ? i + 1 : best;
        }

        // What leaves the gap is sewn last, and so belongs to the second half.
        var gap = begun.Lines.ToList().FindIndex(line => line.Seam.Gap.IsPositive);
        if (gap >= 0 && gap < best)
        {
            best = gap;
        }

        if (best == 0)
        {
            return [ring];
        }

        var meeting = begun.Points[begun.Lines.Take(best).Sum(line => line.Sewn.Through.Count + 1)];
        return FrontFirst([.. begun.CutAt(meeting)]);
    }

    /// <summary>Of two runs that meet at a front corner the one along the front is sewn first, both away from that corner.</summary>
    private static IEnumerable<Run> FrontFirst(IReadOnlyList<Run> parts)
    {
        if (parts is not [var one, var other])
        {
            return parts;
        }

        var (front, back) = one.Lines.Any(IsFront) ? (one, other) : (other, one);
        var corner = FrontCorner(front);
        Run Away(Run run) => run.Points[0] == corner ? run : run.Reversed();
        return [Away(front), Away(back) with { Follows = Away(front).Lines[0].Sewn.Id }];
    }

    private static int? FrontCorner(Run run) => run.Lines.FirstOrDefault(IsFront) is { } front ? StartOf(run, front) : null;

    private static int StartOf(Run run, SeamLine line)
    {
        var at = run.Lines.TakeWhile(other => other != line).Sum(other => other.Sewn.Through.Count + 1);
        return run.Points[at];
    }

    /// <summary>A ring is begun at a back corner or in the middle of the back, never in the middle of the front.</summary>
    private static int MiddleOfBack(Run run) =>
        run.Lines.FirstOrDefault(line => line.Seam.Edges.Any(side => side.Edge == EdgeName.Back)) is { } back ? StartOf(run, back)
        : run.Lines.FirstOrDefault(line => !IsFront(line)) is { } other ? StartOf(run, other)
        : run.Points[0];

    private static bool IsFront(SeamLine line) => line.Seam.Edges.Any(side => side.Edge.IsMiddleOf(EdgeName.Front));
}
