using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>What a face is called and how long it is cut.</summary>
/// <param name="Role">Front or back.</param>
/// <param name="Name">Its name on the cutting table.</param>
/// <param name="CutLength">Its cut length.</param>
/// <param name="End">The allowance at the opening end.</param>
internal sealed record FaceCut(PieceRole Role, string Name, Worked CutLength, Worked End)
{
    /// <summary>The allowance of its sides.</summary>
    public required Worked Side { get; init; }

    /// <summary>The allowance of its closed end.</summary>
    public required Worked Closed { get; init; }

    /// <summary>Where it lies on the hems of a ready-made cloth; null where it keeps none of them.</summary>
    public KeptHems? Kept { get; init; }
}

/// <summary>
/// One face of a bag in the drops its own cloth asks for. Its closed and its opening end are broken also where the other
/// face's joins meet them, so that the two are sewn stretch by stretch. Seen from outside, left to right.
/// </summary>
internal sealed class FaceOfDrops
{
    private readonly FaceDrops _drops;
    private readonly FaceCut _cut;
    private readonly string _key;
    private readonly IReadOnlyList<Length> _joins;
    private readonly List<Stretch> _closed;
    private readonly List<Stretch> _end;

    /// <summary>The face between its joins.</summary>
    /// <param name="drops">Its drops.</param>
    /// <param name="width">Its finished width.</param>
    /// <param name="breaks">Where both its ends are broken, from the left.</param>
    /// <param name="shut">How much of the opening end is sewn shut at each side.</param>
    /// <param name="cut">How it is cut.</param>
    public FaceOfDrops(FaceDrops drops, Length width, IReadOnlyList<Length> breaks, Length shut, FaceCut cut)
    {
        (_drops, _cut, _key) = (drops, cut, cut.Role.Word);
        _joins = [Length.Zero, .. JoinsOf(drops, width), width];
        _closed = Numbered(Stretches(breaks, width), _ => EdgeName.Closed);
        _end = Numbered(
            Stretches([.. breaks.Append(shut).Append(width - shut).Where(at => at.IsPositive && at < width).Distinct().Order()], width),
            stretch =>
                stretch.To <= shut ? EdgeName.EndLeft
                : stretch.From >= width - shut ? EdgeName.EndRight
                : EdgeName.End
        );
    }

    private int Count => _drops.Parts.Count;

    /// <summary>How many stretches its closed end is sewn in.</summary>
    public int ClosedStretches => _closed.Count;

    /// <summary>How many stretches its opening end is in.</summary>
    public int EndStretches => _end.Count;

    /// <summary>The joins between the drops of a face, from its left.</summary>
    public static IEnumerable<Length> JoinsOf(FaceDrops drops, Length width)
    {
        if (drops.Parts.Count == 1)
        {
            yield break;
        }

        var inner = drops.Parts[1].Value - (2 * drops.Join.Value);
        var outer = drops.Parts.Count == 2 ? width.Half() : (width - ((drops.Parts.Count - 2) * inner)).Half();
        for (var join = 0; join + 1 < drops.Parts.Count; join++)
        {
            yield return outer + (join * inner);
        }
    }

    /// <summary>The stretch of the closed end, from the left.</summary>
    public SeamSide Closed(int index) => Side(_closed, index);

    /// <summary>The stretch of the opening end, from the left.</summary>
    public SeamSide End(int index) => Side(_end, index);

    /// <summary>The stretch of the opening end is where the way in is.</summary>
    public bool IsWayIn(int index) => _end[index].Name.IsPartOf(EdgeName.End);

    /// <summary>Its left edge.</summary>
    public SeamSide Left => Count == 1 ? new(_key, EdgeName.Left) : new(KeyOf(0), EdgeName.OuterSide);

    /// <summary>Its right edge.</summary>
    public SeamSide Right => Count == 1 ? new(_key, EdgeName.Right) : new(KeyOf(0), EdgeName.OuterSide, 2);

    /// <summary>Its pieces: both outer drops are one, cut twice and one of them turned over.</summary>
    public IEnumerable<Piece> Draw(Length length, CoverSpecification specification)
    {
        for (var drop = 0; drop < Math.Max(1, Count - 1); drop++)
        {
            var (from, to) = (_joins[drop], _joins[drop + 1]);
            var (left, right) =
                Count == 1 ? (EdgeName.Left, EdgeName.Right)
                : drop == 0 ? (EdgeName.OuterSide, EdgeName.Join)
                : (EdgeName.JoinLeft, EdgeName.JoinRight);
            var piece = BagOpenEnd.Face(
                specification,
                NameOf(drop),
                Count > 1 && drop == 0 ? 2 : 1,
                Outlined(from, to, length, left, right),
                _drops.Parts[drop],
                _cut.CutLength,
                _cut.Side,
                _cut.Closed,
                _cut.End,
                _drops.Join.Value
            ) with
            {
                Key = KeyOf(drop),
                PartName = PartOf(drop),
                Kept = _cut.Kept,
            };
            var isOuter = Count > 1 && drop == 0;
            yield return piece with
            {
                CopyRoles = [.. Enumerable.Repeat(_cut.Role, piece.PerCover)],
                InFacingPairs = isOuter,
                Mirrored = isOuter ? specification.Count : 0,
            };
        }
    }

    /// <summary>The seams between its drops.</summary>
    public IEnumerable<Seam> JoinSeams()
    {
        for (var join = 1; join < Count; join++)
        {
            var left = join == 1 ? new SeamSide(KeyOf(0), EdgeName.Join) : new(KeyOf(join - 1), EdgeName.JoinRight);
            var right = join == Count - 1 ? new SeamSide(KeyOf(0), EdgeName.Join, 2) : new(KeyOf(join), EdgeName.JoinLeft);
            yield return new($"join-{_key}-{join}", left, right, IsFlat: true);
        }
    }

    private static IEnumerable<(Length From, Length To)> Stretches(IReadOnlyList<Length> breaks, Length width) =>
        breaks.Prepend(Length.Zero).Zip(breaks.Append(width), (from, to) => (from, to));

    /// <summary>Stretches called after the side they are of, numbered from the left.</summary>
    private static List<Stretch> Numbered(IEnumerable<(Length From, Length To)> stretches, Func<(Length From, Length To), EdgeName> sideOf)
    {
        var number = new Dictionary<EdgeName, int>();
        var named = new List<Stretch>();
        foreach (var stretch in stretches)
        {
            var side = sideOf(stretch);
            number[side] = number.GetValueOrDefault(side) + 1;
            named.Add(new(stretch.From, stretch.To, side.Part(number[side])));
        }

        return named;
    }

    private string KeyOf(int drop) =>
        Count == 1 ? _key
        : drop == 0 ? $"{_key}-outer"
        : Count == 3 ? $"{_key}-middle"
        : $"{_key}-middle-{drop}";

    private string NameOf(int drop) => PartOf(drop) is { } part ? $"{_cut.Name}, {part}" : _cut.Name;

    private string? PartOf(int drop) =>
        Count == 1 ? null
        : drop == 0 ? BagsText.OuterDrop
        : BagsText.MiddleDrop;

    /// <summary>What lies on the right outer drop is found on the left one, turned over.</summary>
    private SeamSide Side(List<Stretch> stretches, int index)
    {
        var middle = (stretches[index].From + stretches[index].To).Half();
        var drop = Enumerable.Range(0, Count).First(each => middle < _joins[each + 1]);
        return Count > 1 && drop == Count - 1
            ? new(KeyOf(0), stretches[stretches.Count - 1 - index].Name, 2)
            : new(KeyOf(drop), stretches[index].Name);
    }

    private Outline Outlined(Length from, Length to, Length length, EdgeName left, EdgeName right)
    {
        IEnumerable<Stretch> Within(List<Stretch> stretches) => stretches.Where(stretch => stretch.From >= from && stretch.To <= to);
        return Outline.Polygon([
            .. Within(_closed).Select(stretch => (stretch.Name, new Point(stretch.From - from, Length.Zero))),
            (right, new(to - from, Length.Zero)),
            .. Within(_end).Reverse().Select(stretch => (stretch.Name, new Point(stretch.To - from, length))),
            (left, new(Length.Zero, length)),
        ]);
    }

    /// <summary>A stretch of an end between two breaks.</summary>
    private sealed record Stretch(Length From, Length To, EdgeName Name);
}
