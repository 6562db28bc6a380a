using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Covers written in one line: <c>Thing.Inches("ottoman", "width=28 depth=20 …")</c>.</summary>
internal static class Thing
{
    public static CoverInput Inches(string form, string measures, string said = "") => Of("in", form, measures, said);

    public static CoverInput Millimetres(string form, string measures, string said = "") => Of("mm", form, measures, said);

    /// <summary>The draft, which has to be there.</summary>
    public static Draft Drafted(CoverInput input)
    {
        var outcome = Drafter.Draft(input);
        Assert.True(outcome.Draft is not null, string.Join("; ", outcome.Checks.Select(check => check.Text)));
        return outcome.Draft;
    }

    /// <summary>A cloth of this key, so many inches wide and all of it usable.</summary>
    public static ClothSpecification Cloth(string key, int inches) =>
        new(Length.FromInches(inches), Length.Zero, false, Length.Zero) { Key = key };

    /// <summary>Pieces as <c>id ×quantity width × length</c> in the job's unit, to the workroom's step.</summary>
    public static string[] Pieces(CoverInput input)
    {
        var draft = Drafted(input);
        return
        [
            .. draft.Pieces.Select(piece =>
                $"{piece.Id} ×{piece.Quantity} {draft.Format.Rounded(piece.CutWidth.Value)} × {draft.Format.Rounded(piece.CutLength.Value)}"
            ),
        ];
    }

    /// <summary>A number of the draft by the name its working has, in the job's unit.</summary>
    public static string Number(CoverInput input, string name)
    {
        var draft = Drafted(input);
        return draft.Format.Rounded(draft.Numbers().First(number => number.For == name).Value.Value);
    }

    /// <summary>
    /// The corners of an outline from <c>0 0; 400 0; 400 300 12</c>, each as typed: across, front to back, and how far the edge after it
    /// rises.
    /// </summary>
    public static PointInput[] Points(string text) =>
        [
            .. Rows(text)
                .Select(row => new PointInput(Entry.Typed(row[0]), Entry.Typed(row[1]), row.Length > 2 ? Entry.Typed(row[2]) : null)),
        ];

    /// <summary>Widths at stations from <c>0 400; 450 380</c>: how far from the front, and how wide there.</summary>
    public static StationInput[] Stations(string text) =>
        [.. Rows(text).Select(row => new StationInput(Entry.Typed(row[0]), Entry.Typed(row[1])))];

    private static IEnumerable<string[]> Rows(string text) =>
        text.Split(';').Select(row => row.Split(' ', StringSplitOptions.RemoveEmptyEntries));

    private static CoverInput Of(string unit, string form, string measures, string said)
    {
        var all = (measures + " " + said).Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(part => part.Split('=', 2)).ToList();
        var words = all.ToDictionary(part => part[0], part => part[1].Replace('_', ' '));
        Dictionary<string, string> Group(string prefix) =>
            words
                .Where(word => word.Key.StartsWith(prefix, StringComparison.Ordinal))
                .ToDictionary(word => word.Key[prefix.Length..], word => word.Value);
        return new()
        {
            Unit = unit,
            Form = form,
            Shape = words.GetValueOrDefault("shape"),
            Construction = words.GetValueOrDefault("construction"),
            MeasuredFrom = words.GetValueOrDefault("from"),
            UsableWidth = words.TryGetValue("usable", out var usable) ? Entry.Typed(usable) : null,
            Nap = words.GetValueOrDefault("nap"),
            Count = decimal.Parse(words.GetValueOrDefault("count", "1"), System.Globalization.CultureInfo.InvariantCulture),
            Measures = words
                .Where(word =>
                    !word.Key.Contains('.') && word.Key is not ("shape" or "construction" or "from" or "usable" or "nap" or "count")
                )
                .ToDictionary(word => word.Key, word => Entry.Typed(word.Value)),
            Rules = Group("r.").ToDictionary(rule => rule.Key, rule => Entry.Typed(rule.Value)),
            Options = Group("o."),
        };
    }
}
