using CsCheck;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Sewing;
using Xunit;

namespace Wrapper.Core.Tests.Sewing;

/// <summary>Every order of sewing keeps the rules of the craft, whatever is covered and however it is made.</summary>
public sealed class OrderOfSewingTests
{
    private const int EachCell = 2;

    /// <summary>
    /// Each cover is sewn in the usual schools and in at least so many others, the next ones for the next way of making: over a form that
    /// is every one of them.
    /// </summary>
    private const int LeastOthers = 7;

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    private static IReadOnlyList<Schools> AllSchools { get; } =
    [
        .. from piping in Enum.GetValues<PipingSchool>()
        from ring in Enum.GetValues<RingSchool>()
        from walls in Enum.GetValues<WallSchool>()
        from finish in Enum.GetValues<FinishSchool>()
        from creep in Enum.GetValues<CreepSchool>()
        select new Schools(piping, ring, walls, finish, creep),
    ];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Random_covers_are_sewn_by_the_rules_in_every_school(string form)
    {
        var (orders, operations) = (0, 0);
        var (turn, met) = (0, new HashSet<Schools>());
        var cells = Covers.Cells.Where(cell => cell.Form.Id == form).ToList();
        var others = Math.Max(LeastOthers, (AllSchools.Count + cells.Count - 1) / cells.Count);
        foreach (var cell in cells)
        {
            List<Schools> here = [Schools.Usual, .. Enumerable.Range(turn, others).Select(at => AllSchools[at % AllSchools.Count])];
            turn += others;
            met.UnionWith(here);
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        var outcome = Drafter.Draft(input);
                        if (outcome is not { Draft: { } draft, Reading.Specification: { } specification })
                        {
                            return;
                        }

                        foreach (var schools in here.Distinct())
                        {
                            var plan = SewingPlanner.Of(draft, specification with { Schools = schools });
                            var faults = OrderChecker.Faults(draft, plan, schools);
                            Assert.True(
                                faults.Count == 0,
                                $"{cell}, {schools}: {string.Join("; ", faults.Take(5))}\n"
                                    + $"{string.Join(" → ", plan.Order.Select(operation => operation.Id))}\n{Covers.Described(input)}"
                            );
                            Interlocked.Increment(ref orders);
                            Interlocked.Add(ref operations, plan.Order.Count);
                        }
                    },
                    iter: EachCell
                );
        }

        Console.WriteLine($"  {form}: {orders} orders of sewing, {operations} operations");
        Assert.True(orders > 0, form);
        Assert.Equal(AllSchools.Count, met.Count);
    }
}
