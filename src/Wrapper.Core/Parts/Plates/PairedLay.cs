using Wrapper.Core.Checks;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Plates;

/// <summary>
/// How copies of one piece are got out of the cloth, where they may be cut from several: each cloth has its own width and nap.
/// </summary>
internal sealed class PairedLay
{
    private readonly IReadOnlyList<PieceRole> _copies;
    private readonly Dictionary<PieceRole, WidePieceLay> _lays = [];

    /// <summary>Decides for every role among these copies.</summary>
    /// <param name="specification">The cover.</param>
    /// <param name="kind">What the piece is, and is called where it is too wide.</param>
    /// <param name="copies">What each copy is.</param>
    /// <param name="cutWidth">Across.</param>
    /// <param name="cutLength">Along.</param>
    public PairedLay(CoverSpecification specification, PieceKind kind, IReadOnlyList<PieceRole> copies, Length cutWidth, Length cutLength)
    {
        _copies = copies;
        var known = new Dictionary<string, WidePieceLay>();
        foreach (var role in copies.Distinct())
        {
            var key = specification.Cloths.KeyFor(role, kind) ?? "";
            _lays[role] = known.TryGetValue(key, out var lay)
                ? lay
                : known[key] = new(specification.In(role, kind), kind.Word(), cutWidth, cutLength, canJoin: false);
        }

        Checks = [.. known.Values.SelectMany(lay => lay.Checks)];
    }

    /// <summary>What stands in the way on any of the cloths.</summary>
    public IReadOnlyList<Check> Checks { get; }

    /// <summary>The turns of what is of this role.</summary>
    public IReadOnlyList<int> Turns(PieceRole role) => _lays[role].Turns;

    /// <summary>The piece with the turns of its copies.</summary>
    public Piece Turned(Piece piece) =>
        piece with
        {
            CopyRoles = _copies,
            Turns = Turns(_copies[0]),
            CopyTurns = _lays.Values.DistinctBy(lay => lay.Turns[0]).Count() > 1 ? [.. _copies.Select(Turns)] : [],
        };
}
