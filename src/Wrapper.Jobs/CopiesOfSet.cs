using Wrapper.Core.Pattern;

namespace Wrapper.Jobs;

/// <summary>
/// Copies are counted through all covers alike at the table, those cut turned over after the others; and by cover at the machine.
/// </summary>
internal static class CopiesOfSet
{
    /// <summary>The number at the table of a copy of one cover.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="number">Which of the covers alike, from 1.</param>
    /// <param name="copy">Which copy in it, from 1.</param>
    public static int AtTable(Piece piece, int number, int copy)
    {
        if (piece.Use == PieceUse.Casing)
        {
            return 1; // one block for all
        }

        var covers = Math.Max(1, piece.Quantity / Math.Max(1, piece.PerCover));
        var turned = piece.Mirrored / covers;
        var straight = piece.PerCover - turned;
        return copy <= straight
            ? ((number - 1) * straight) + copy
            : piece.Quantity - piece.Mirrored + ((number - 1) * turned) + copy - straight;
    }
}
