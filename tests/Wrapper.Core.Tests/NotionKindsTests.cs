using Wrapper.Core.Buying;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>A notion of any kind is either a line of the shopping list or known to be no ware: none gets lost.</summary>
public sealed class NotionKindsTests
{
    private static readonly NotionKind[] NoWare =
    [
        NotionKind.ZipRun,
        NotionKind.ZipStop,
        NotionKind.ZipOpening,
        NotionKind.Piping,
        NotionKind.PipingCasing,
        NotionKind.Gap,
        NotionKind.CornerLine,
        NotionKind.DartSquare,
    ];

    /// <summary>Every kind there is.</summary>
    public static TheoryData<NotionKind> Kinds => [.. Enum.GetValues<NotionKind>().Where(kind => kind != NotionKind.ZipByLength)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_kind_is_bought_or_is_no_ware(NotionKind kind)
    {
        var length = Worked.Given("length", Length.FromMillimetres(300m), QuantitySource.Cover);
        var draft = BoxingStripTests.Draft(Cushions.Worked) with { Notions = [new(kind, "What it is", 2, length, length, length)] };
        var list = NotionBuyer.ListOf([draft], LengthUnit.Inch, Length.FromInches(9));
        Assert.Equal(NoWare.Contains(kind) ? 0 : 1, list.Count);
        Assert.All(list, line => Assert.True(line.Quantity > 0 && line.Text.Length > 0));
    }
}
