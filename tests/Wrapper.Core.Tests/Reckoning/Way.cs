using CsCheck;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Tests.Reckoning;

/// <summary>One way to make one thing, with the sums a maker would do on paper for it. Nothing here is taken from drafting.</summary>
/// <param name="Name">The way in words.</param>
/// <param name="Form">The form, and its shape after a blank.</param>
/// <param name="Said">What is said besides numbers, as <see cref="Thing"/> reads it.</param>
/// <param name="Numbers">Measures and rules with their least and most in whole millimetres: <c>width 300 900; r.seam 5 15</c>.</param>
/// <param name="Reckon">What comes of them.</param>
public sealed record Way(string Name, string Form, string Said, string Numbers, Func<Paper, Answer> Reckon)
{
    /// <summary>What must hold of the numbers for the sums to apply: a zip that turns its corner and no more.</summary>
    public Func<Paper, bool> Where { get; init; } = _ => true;

    /// <inheritdoc />
    public override string ToString() => Name;

    /// <summary>Random numbers for it, to the millimetre or to the sixteenth of an inch.</summary>
    internal Gen<Paper> Papers =>
        (
            from unit in Choice.Of("in", "mm")
            from shares in Gen.Double[0, 1].Array[Numbers.Split(';').Length]
            select new Paper(
                unit,
                Numbers
                    .Split(';', StringSplitOptions.TrimEntries)
                    .Zip(shares, (number, share) => (number.Split(' '), share))
                    .ToDictionary(number => number.Item1[0], number => Step(unit, Between(number.Item1[1], number.Item1[2], number.share)))
            )
        ).Where(Where);

    /// <summary>The cover to be drafted with these numbers.</summary>
    internal CoverInput Cover(Paper paper)
    {
        var form = Form.Split(' ');
        var plain = Thing.Inches(form[0], "", $"{(form.Length > 1 ? $"shape={form[1]} " : "")}{Said}");
        return plain with
        {
            Unit = paper.Unit,
            Measures = paper
                .Numbers.Where(number => !number.Key.StartsWith("r.", StringComparison.Ordinal))
                .ToDictionary(number => number.Key, number => Entry.Number(number.Value)),
            Rules = plain
                .Rules.Concat(
                    paper
                        .Numbers.Where(number => number.Key.StartsWith("r.", StringComparison.Ordinal))
                        .Select(number => KeyValuePair.Create(number.Key[2..], Entry.Number(number.Value)))
                )
                .ToDictionary(),
        };
    }

    private static double Between(string least, string most, double share)
    {
        var (low, high) = (
            double.Parse(least, System.Globalization.CultureInfo.InvariantCulture),
            double.Parse(most, System.Globalization.CultureInfo.InvariantCulture)
        );
        return low + (share * (high - low));
    }

    private static decimal Step(string unit, double millimetres) =>
        unit == "in" ? Math.Round((decimal)millimetres / 1.5875m) * 1.5875m : Math.Round((decimal)millimetres);
}
