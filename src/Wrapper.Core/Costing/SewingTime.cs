using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Costing;

/// <summary>One line of an estimate: so many of something, or so many metres.</summary>
/// <param name="What">What is done: “cut and mark”, “seams, metres”.</param>
/// <param name="Amount">How many, or how many metres.</param>
/// <param name="Minutes">Minutes for all of them.</param>
public sealed record TimePart(string What, double Amount, double Minutes)
{
    /// <summary>Minutes for one of them.</summary>
    public decimal Each => Amount > 0 ? Math.Round((decimal)(Minutes / Amount), 2) : 0;
}

/// <summary>
/// How long the covers of a draft take to make: the minutes of the operations they are sewn by, at the house's rates. An estimate
/// and always shown as one. See docs/handbook.md, "Minutes".
/// </summary>
/// <param name="Parts">What it is added up from.</param>
public sealed record SewingTime(IReadOnlyList<TimePart> Parts)
{
    private const double Metre = 1000;

    /// <summary>Minutes for all covers alike.</summary>
    public double Minutes => Parts.Sum(part => part.Minutes);

    /// <summary>The time for covers alike that are sewn by a plan.</summary>
    /// <param name="plan">The order of one cover.</param>
    /// <param name="count">How many covers alike there are.</param>
    public static SewingTime Of(SewingPlan plan, int count) =>
        new([
            .. plan
                .Order.Where(operation => operation.Minutes > 0)
                .GroupBy(operation => WhatOf(operation.Kind))
                .OrderBy(group => group.Key.Place)
                .Select(group => new TimePart(
                    group.Key.What,
                    count * group.Sum(operation => group.Key.IsByLength ? (operation.Millimetres ?? 0) / Metre : AmountOf(operation)),
                    count * group.Sum(operation => operation.Minutes)
                )),
        ]);

    private static double AmountOf(Operation operation) =>
        operation.Kind switch
        {
            OperationKind.Mark => (double)operation.Pieces.Count / operation.SharedBy,
            OperationKind.Press => Math.Max(1, operation.Seams.Count),
            _ => 1,
        };

    private static (int Place, string What, bool IsByLength) WhatOf(OperationKind kind) =>
        kind switch
        {
            OperationKind.Mark => (0, "cut and mark", false),
            OperationKind.Seam or OperationKind.EdgeStitch => (1, "seams, metres", true),
            OperationKind.Finish => (2, "finishing edges, metres", true),
            OperationKind.MakePiping => (3, "making piping, metres", true),
            OperationKind.ApplyPiping => (4, "applying piping, metres", true),
            OperationKind.Zip => (5, "zips", false),
            OperationKind.Corner => (6, "boxed corners", false),
            OperationKind.Dart => (7, "darts", false),
            OperationKind.Join => (8, "joins", false),
            OperationKind.Hem or OperationKind.Casing or OperationKind.Tape => (9, "hems and casings, metres", true),
            OperationKind.Thread => (10, "threading", false),
            OperationKind.Buttons or OperationKind.Loops or OperationKind.Ties => (11, "buttons, loops and ties", false),
            OperationKind.Label => (12, "labels", false),
            OperationKind.Turn or OperationKind.TryOn => (13, "turning and trying on", false),
            OperationKind.Press => (14, "pressing", false),
            OperationKind.Trim => (15, "trimming corners", false),
            OperationKind.CloseByHand => (16, "closing by hand, metres", true),
            _ => (17, "the rest", false),
        };
}
