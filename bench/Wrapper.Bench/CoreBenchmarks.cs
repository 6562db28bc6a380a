using BenchmarkDotNet.Attributes;
using Wrapper.Core.Buying;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Bench;

/// <summary>Warm calls of the core: no JSON, no server.</summary>
public class CoreBenchmarks
{
    /// <summary>What each may take: milliseconds and kilobytes.</summary>
    public static readonly IReadOnlyDictionary<string, (double Milliseconds, double Kilobytes)> Allowed = new Dictionary<
        string,
        (double, double)
    >
    {
        [nameof(DraftWithLedgerAndChecks)] = (0.2, 100),
        [nameof(DraftJoinedOnNarrowCloth)] = (0.2, 100),
        [nameof(WorkingInWords)] = (0.2, 200),
        [nameof(QuickLayOfTheSaloon)] = (40, 4000),
    };

    private static readonly CoverInput Seat = new()
    {
        Unit = "in",
        Form = "box-cushion",
        Measures = Typed(("width", "48 1/2"), ("depth", "21 1/4"), ("thickness", "4")),
        Options = new Dictionary<string, string> { ["piping"] = "both", ["slidePocket"] = "true" },
        Count = 3,
    };

    private static readonly CoverInput OnCloth = Seat with { UsableWidth = Entry.Typed("53") };

    private static readonly Draft Drafted = Drafter.Draft(OnCloth).Draft!;

    private static readonly ClothBuyer Buyer = new(
        [new("seat", Seat), new("back", Seat with { Measures = Typed(("width", "48 1/2"), ("depth", "15"), ("thickness", "3 1/2")) })],
        LengthUnit.Inch,
        new Dictionary<Rule, Length>()
    );

    /// <summary>Reading, drafting, ledger and checks of a piped seat.</summary>
    [Benchmark(Description = "Draft with ledger and checks")]
    public DraftOutcome DraftWithLedgerAndChecks() => Drafter.Draft(Seat);

    /// <summary>The same with boxing and zip strips joined.</summary>
    [Benchmark(Description = "Draft joined on narrow cloth")]
    public DraftOutcome DraftJoinedOnNarrowCloth() => Drafter.Draft(OnCloth);

    /// <summary>Every number's sum written out.</summary>
    [Benchmark(Description = "Working in words")]
    public int WorkingInWords() => Drafted.Working().Count;

    /// <summary>What a keystroke asks for: drafts and four orders of the lay.</summary>
    [Benchmark(Description = "Drafts and quick lay of six cushions")]
    public Yardage QuickLayOfTheSaloon() => Buyer.Buy(new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero), 4);

    private static Dictionary<string, Entry> Typed(params (string Name, string Text)[] entries) =>
        entries.ToDictionary(entry => entry.Name, entry => Entry.Typed(entry.Text));
}
