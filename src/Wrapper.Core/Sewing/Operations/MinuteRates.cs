using Wrapper.Core.Catalogue;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>What each kind of operation takes, by the house's rates. See docs/handbook.md, "Minutes".</summary>
/// <param name="rules">The rules in force.</param>
internal sealed class MinuteRates(RuleBook rules)
{
    private const double Metre = 1000;

    /// <summary>Minutes of an operation.</summary>
    /// <param name="kind">What is done.</param>
    /// <param name="millimetres">How long what is sewn is.</param>
    /// <param name="items">How many pieces, buttons, loops.</param>
    public double Of(OperationKind kind, double millimetres, int items) =>
        Each(kind) is { } each ? each * items : PerMetre(kind) * millimetres / Metre;

    /// <summary>Minutes of a zip: to begin it, by its length, and the bars across its ends.</summary>
    /// <param name="millimetres">How long it is.</param>
    /// <param name="bars">How many of its ends get a bar.</param>
    public double OfZip(double millimetres, int bars) =>
        Rate(NumberRule.MinutesPerZip)
        + (Rate(NumberRule.MinutesPerZipMetre) * millimetres / Metre)
        + (Rate(NumberRule.MinutesPerBar) * bars);

    private double? Each(OperationKind kind) =>
        kind switch
        {
            OperationKind.Mark => Rate(NumberRule.MinutesPerPiece),
            OperationKind.Join => Rate(NumberRule.MinutesPerJoin),
            OperationKind.Corner => Rate(NumberRule.MinutesPerCorner),
            OperationKind.Dart => Rate(NumberRule.MinutesPerDart),
            OperationKind.Thread => Rate(NumberRule.MinutesToThread),
            OperationKind.Buttons or OperationKind.Loops or OperationKind.Ties => Rate(NumberRule.MinutesPerFastener),
            OperationKind.Label => Rate(NumberRule.MinutesPerLabel),
            OperationKind.Turn => Rate(NumberRule.MinutesToTurn),
            OperationKind.TryOn => Rate(NumberRule.MinutesPerCover),
            OperationKind.Trim => Rate(NumberRule.MinutesToTrim),
            OperationKind.Press => Rate(NumberRule.MinutesToPress),
            // in the minutes of what they belong to
            OperationKind.Fill or OperationKind.Pocket => 0,
            _ => null,
        };

    private double PerMetre(OperationKind kind) =>
        kind switch
        {
            OperationKind.Finish => Rate(NumberRule.MinutesPerFinish),
            OperationKind.MakePiping => Rate(NumberRule.MinutesToMakePiping),
            // the seam itself is one of its own
            OperationKind.ApplyPiping => Math.Max(0, Rate(NumberRule.MinutesPerPipedSeam) - Rate(NumberRule.MinutesPerSeam)),
            OperationKind.CloseByHand => Rate(NumberRule.MinutesByHand),
            OperationKind.Hem or OperationKind.Casing or OperationKind.Tape => Rate(NumberRule.MinutesPerHem),
            _ => Rate(NumberRule.MinutesPerSeam),
        };

    private double Rate(NumberRule rule) => (double)rules.Number(rule);
}
