using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>
/// Two faces of two cloths, each in the drops its own cloth asks for: a printed face in three widths on a plain sheet in one.
/// See docs/handbook.md, "More than one cloth".
/// </summary>
internal sealed class TwoClothFaces
{
    private readonly FaceOfDrops _front;
    private readonly FaceOfDrops _back;
    private readonly OpenEnd _end;

    /// <summary>The faces of a bag of this finished width.</summary>
    /// <param name="drops">The drops of the front and of the back.</param>
    /// <param name="width">The finished width.</param>
    /// <param name="end">The opening end.</param>
    /// <param name="cut">How both are cut.</param>
    public TwoClothFaces((FaceDrops Front, FaceDrops Back) drops, Worked width, OpenEnd end, (FaceCut Front, FaceCut Back) cut)
    {
        _end = end;
        // Joins lie alike to the left and to the right, so that a break of the one face meets the other's at the same place, seen from
        // either side.
        List<Length> breaks =
        [
            .. FaceOfDrops.JoinsOf(drops.Front, width.Value).Concat(FaceOfDrops.JoinsOf(drops.Back, width.Value)).Distinct().Order(),
        ];
        _front = new(drops.Front, width.Value, breaks, end.Shut.Value, cut.Front);
        _back = new(drops.Back, width.Value, breaks, end.Shut.Value, cut.Back);
    }

    /// <summary>The pieces of both.</summary>
    public IEnumerable<Piece> Draw(Length length, CoverSpecification specification) =>
        _front.Draw(length, specification).Concat(_back.Draw(length, specification));

    /// <summary>The joins of each, and the seams that make them a bag: the back's right lies behind the front's left.</summary>
    public IEnumerable<Seam> Seams()
    {
        foreach (var join in _front.JoinSeams().Concat(_back.JoinSeams()))
        {
            yield return join;
        }

        for (var stretch = 0; stretch < _front.ClosedStretches; stretch++)
        {
            yield return new(
                _front.ClosedStretches == 1 ? "closed" : $"closed-{stretch + 1}",
                _front.Closed(stretch),
                _back.Closed(_front.ClosedStretches - 1 - stretch)
            );
        }

        yield return new("right", _front.Right, _back.Left);
        for (var stretch = 0; stretch < _front.EndStretches; stretch++)
        {
            if (!_front.IsWayIn(stretch) || _end.IsSewn)
            {
                yield return new(
                    $"end-{stretch + 1}",
                    _front.End(stretch),
                    _back.End(_front.EndStretches - 1 - stretch),
                    _front.IsWayIn(stretch) ? Caught.Zip : null
                );
            }
        }

        yield return new("left", _front.Left, _back.Right);
    }
}
