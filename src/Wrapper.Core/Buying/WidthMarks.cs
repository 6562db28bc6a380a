using Wrapper.Core.Checks;

namespace Wrapper.Core.Buying;

/// <summary>What each of several widths or cloths does better than the others. See docs/handbook.md, "How much to buy".</summary>
internal static class WidthMarks
{
    /// <summary>
    /// The same lines with their marks: among those that leave out the fewest covers, so that none is best because it does less.
    /// </summary>
    public static IReadOnlyList<WidthComparison> Given(IReadOnlyList<WidthComparison> compared)
    {
        var complete = compared.Where(one => IsWhole(one.Yardage)).ToList();
        var fewest = complete.Count == 0 ? 0 : complete.Min(one => one.Yardage.LeftOut.Count);
        var whole = complete.FindAll(one => one.Yardage.LeftOut.Count == fewest);
        (WidthMark Mark, List<WidthComparison> Of)[] marked =
        [
            (WidthMark.LeastMoney, Least(whole.FindAll(one => one.Cost is not null), one => (double)one.Cost!)),
            (WidthMark.LeastCloth, Least(whole, one => one.Yardage.Buy!.Value.Millimetres * one.Width.Width.Millimetres)),
            (WidthMark.FewestJoins, Least(whole, one => one.Yardage.Joins)),
        ];
        return [.. compared.Select(one => one with { Marks = [.. marked.Where(mark => mark.Of.Contains(one)).Select(mark => mark.Mark)] })];
    }

    /// <summary>A figure without what does not fit would mislead.</summary>
    public static bool IsWhole(Yardage yardage) => yardage.Buy is not null && !yardage.Checks.HasError();

    /// <summary>Those with the least; none where all have the same.</summary>
    private static List<T> Least<T>(List<T> all, Func<T, double> figure)
    {
        if (all.Count == 0)
        {
            return [];
        }

        var (least, most) = (all.Min(figure), all.Max(figure));
        return least < most ? all.FindAll(one => figure(one) == least) : [];
    }
}
