using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Units;
using Wrapper.Formats.Validation;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>
/// Every demo job bought and laid by a fixed number of steps: the same figure and the same place of every piece as when it had been looked
/// at.
/// </summary>
public sealed class GoldenJobsTests
{
    private static readonly (string Name, ClothSpecification Cloth)[] Cloths =
    [
        ("plain", new(Length.FromInches(54), Length.FromInches(0, 1, 2), false, Length.Zero) { CurveSpace = Length.FromMillimetres(3m) }),
        (
            "nap",
            new(Length.FromMillimetres(1400m), Length.FromMillimetres(12m), true, Length.Zero) { ShrinkageAlong = 0.03m, Spare = 0.05m }
        ),
        (
            "repeat",
            new(Length.FromInches(60), Length.FromInches(0, 1, 2), false, Length.FromInches(12))
            {
                RepeatWidth = Length.FromInches(9),
                HalfDrop = true,
            }
        ),
        ("folded", new(Length.FromInches(108), Length.FromInches(0, 1, 2), false, Length.Zero) { OnFold = true, QuarterTurns = true }),
    ];

    /// <summary>The demo jobs by file name.</summary>
    public static TheoryData<string> Jobs =>
        [
            .. Directory
                .GetFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json")
                .Select(file => Path.GetFileNameWithoutExtension(file))
                .Order(),
        ];

    [Theory]
    [MemberData(nameof(Jobs))]
    public void A_demo_job_is_bought_and_laid_as_it_was(string name)
    {
        var job = JobFile.Read(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", $"{name}.json")));
        var covers = job
            .Covers.Select(
                (cover, i) => new JobCover($"cover-{i}", cover.ToInput(job.Unit, new Dictionary<string, string>()), cover.Name ?? "")
            )
            .ToList();
        var unit = LengthUnits.FromWord(job.Unit)!.Value;
        Golden.Hold(
            "jobs.tsv",
            Cloths.Select(cloth =>
                ($"{name} {cloth.Name}", Told(new ClothBuyer(covers, unit, new Dictionary<Rule, Length>()).Buy(cloth.Cloth, steps: 8)))
            ),
            $"{name} "
        );
    }

    private static string Told(Yardage yardage)
    {
        if (yardage.Lay is not { } lay)
        {
            return $"no lay: {string.Join(' ', yardage.Checks.Select(check => check.Code).Concat(yardage.LeftOut))}";
        }

        var places = string.Join(
            '\n',
            lay.Placements.Select(placement =>
                $"{placement.Piece} {placement.Copy} {placement.Turn} {Near(placement.X)} {Near(placement.Y)} {placement.Remnant}"
            )
        );
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{lay.Placements.Count} pieces in {Near(lay.Length)}, never under {Near(lay.Bound)}, on paper "
                + $"{Near(lay.RuleOfThumb)}; buy {Near(yardage.Buy?.Value)}; {yardage.Joins} joins; waste "
                + $"{yardage.Waste:0.0000}; left out {string.Join(' ', yardage.LeftOut)}; "
                + $"{string.Join(' ', yardage.Checks.Select(check => check.Code))}; places {Sign(places)}"
        );
    }

    private static string Sign(string text) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(text)))[..8].ToLowerInvariant();

    /// <summary>To the thousandth of a millimetre, away from where halves would be rounded either way.</summary>
    private static string Near(Length? length) =>
        length is { } some ? Math.Floor((some.Nanometres + 137) / 1000m).ToString(CultureInfo.InvariantCulture) : "-";
}
