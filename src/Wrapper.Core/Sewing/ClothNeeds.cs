using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing;

/// <summary>
/// What the traits of its cloths ask of the machine, operation by operation: needle, foot, thread. See docs/handbook.md, "Operations".
/// </summary>
internal sealed class ClothNeeds
{
    private readonly Dictionary<string, IReadOnlyList<ClothTrait>> _traits = [];

    /// <summary>The needs of a cover's cloths.</summary>
    public ClothNeeds(Draft draft, CoverSpecification specification)
    {
        foreach (var piece in draft.Pieces)
        {
            if (piece.ClothKey is { } key && specification.Cloths.Cloths.TryGetValue(key, out var cloth) && cloth.Traits.Count > 0)
            {
                _traits[piece.Key] = cloth.Traits;
            }
        }
    }

    /// <summary>One of an operation's cloths is like this.</summary>
    public bool Has(Operation operation, ClothTrait trait) =>
        _traits.Count > 0 && operation.Pieces.Any(piece => _traits.TryGetValue(piece.Piece, out var traits) && traits.Contains(trait));

    /// <summary>All an operation needs: what it is of, and what its cloths ask where a needle is in hand.</summary>
    public IReadOnlyList<string> Of(Operation operation)
    {
        if (
            _traits.Count == 0
            || !(
                operation.IsSewing
                || operation.Kind is OperationKind.Hem or OperationKind.Casing or OperationKind.ApplyPiping or OperationKind.EdgeStitch
            )
            || operation.Kind == OperationKind.CloseByHand
        )
        {
            return operation.Needs;
        }

        var needs = operation.Needs.ToList();
        AddWhere(ClothTrait.Stretches, SewingText.NeedsStretchNeedle);
        AddWhere(ClothTrait.Bulky, SewingText.NeedsStrongNeedle);
        AddWhere(ClothTrait.ShowsThrough, SewingText.NeedsFineNeedle);
        AddWhere(ClothTrait.Outdoor, SewingText.NeedsOutdoorThread);
        if (operation.Needs.Count == 0)
        {
            AddWhere(ClothTrait.Slips, SewingText.NeedsWalkingFoot);
        }

        return needs;

        void AddWhere(ClothTrait trait, string need)
        {
            if (Has(operation, trait))
            {
                needs.Add(need);
            }
        }
    }
}
