using Wrapper.Core.Checks;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Parts.Plates;

/// <summary>
/// The upper and the lower plate of a plan: one piece cut twice, or two where each is cut from a cloth of its own and may be
/// joined otherwise.
/// </summary>
internal sealed class PlatePair
{
    private readonly PlatePieces _top;
    private readonly PlatePieces _bottom;

    public PlatePair(ClosedPlan plan, CoverSpecification specification)
    {
        var (top, bottom) = (
            specification.Cloths.KeyFor(PieceRole.Top, PieceKind.Plate),
            specification.Cloths.KeyFor(PieceRole.Bottom, PieceKind.Plate)
        );
        if (top == bottom)
        {
            _top = _bottom = new(plan, specification.In(PieceRole.Top, PieceKind.Plate));
            return;
        }

        _top = new(plan, specification.On(top), only: PieceRole.Top);
        _bottom = new(plan, specification.On(bottom), only: PieceRole.Bottom);
    }

    private bool AreAlike => ReferenceEquals(_top, _bottom);

    private IEnumerable<PlatePieces> Each => AreAlike ? [_top] : [_top, _bottom];

    public IEnumerable<Check> Checks => Each.SelectMany(plates => plates.Checks);

    public bool IsSplit => Each.Any(plates => plates.IsSplit);

    /// <summary>The joins it takes to make the plates of all covers alike.</summary>
    public int Joins => Each.Sum(plates => plates.Joins);

    /// <summary>An edge of the upper plate.</summary>
    public SeamSide OnTop(PlanPerimeter perimeter, PlanSpan span) => new(_top.KeyAt(perimeter, span), span.Name);

    /// <summary>An edge of the lower plate.</summary>
    public SeamSide OnBottom(PlanPerimeter perimeter, PlanSpan span) => new(_bottom.KeyAt(perimeter, span), span.Name, AreAlike ? 2 : 1);

    public void Break(PlanPerimeter perimeter)
    {
        foreach (var plates in Each)
        {
            plates.Break(perimeter);
        }
    }

    public IEnumerable<Piece> Draw(PlanPerimeter perimeter) => Each.SelectMany(plates => plates.Draw(perimeter));

    public IEnumerable<Seam> JoinSeams() => Each.SelectMany(plates => plates.JoinSeams());
}
