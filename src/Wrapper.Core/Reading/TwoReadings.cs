using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading;

/// <summary>
/// Which of two readings of one length holds; when they differ by more than a hand's unsteadiness it is said. See docs/handbook.md, "Second
/// readings".
/// </summary>
internal sealed class TwoReadings(LengthUnit unit, List<Check> checks)
{
    /// <summary>Where the two stand in the open format.</summary>
    /// <param name="Measure">What the checks hang on.</param>
    /// <param name="First">Path of the first reading.</param>
    /// <param name="Second">Path of the second.</param>
    public readonly record struct Place(string Measure, string First, string Second);

    /// <summary>What holds of the two.</summary>
    /// <param name="first">The first reading.</param>
    /// <param name="second">The second.</param>
    /// <param name="typed">The second as it was typed.</param>
    /// <param name="label">What was measured, in a sentence.</param>
    /// <param name="use"><c>larger</c>, <c>smaller</c> or <c>mean</c>; null for the larger. Anything else is an error.</param>
    /// <param name="place">Where they stand.</param>
    public Length Holding(Length first, Length second, string typed, string label, string? use, Place place)
    {
        var holds = use is null ? ReadingUse.Larger : Words.Read<ReadingUse>(use);
        if (holds is null)
        {
            checks.Add(Check.Error("unknown-choice", ReadingText.UnknownUseOfTwoReadings(label, use!), place.Measure));
        }

        if ((first - second).Abs() > (unit.IsImperial() ? Length.FromInches(0, 1, 8) : Length.FromMillimetres(3m)))
        {
            var format = LengthFormat.For(unit);
            checks.Add(
                Check.Warning(
                    "two-readings-disagree",
                    ReadingText.TwoReadingsDisagree(
                        label,
                        format.RoundedWithUnit((first - second).Abs()),
                        format.Rounded(first),
                        format.RoundedWithUnit(second),
                        use ?? ReadingUse.Larger.Word()
                    ),
                    place.Measure,
                    new Mend(ReadingText.ToKeepFirstOnly(format.Exact(first)), place.Second, ""),
                    new Mend(ReadingText.ToKeepSecondOnly(format.Exact(second)), place.First, typed)
                )
            );
        }

        return holds switch
        {
            ReadingUse.Smaller => Length.Min(first, second),
            ReadingUse.Mean => (first + second) / 2,
            _ => Length.Max(first, second),
        };
    }
}
