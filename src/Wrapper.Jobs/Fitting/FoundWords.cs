using Wrapper.Core.Fitting;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs.Fitting;

/// <summary>A finding in one sentence, as the record has it.</summary>
internal static class FoundWords
{
    /// <summary>“Right taken in ⅜ in, for all of the set.”</summary>
    public static string Of(FindingTold finding, CoverSpecification specification, LengthUnit unit)
    {
        var names = SeamPlaces.SidesOf(specification).ToDictionary(side => side.Side, side => side.Name);
        var format = LengthFormat.For(unit);
        var found = finding.Found.Select(told =>
        {
            var by = LengthReader.Read(told.By, unit).Length ?? Length.Zero;
            return $"{names.GetValueOrDefault(told.Side, told.Side)} "
                + $"{(by.IsNegative ? "taken in" : "let out")} {format.RoundedWithUnit(by.Abs())}";
        });
        var text = string.Join(", ", found.Concat(finding.Trimmed.Select(block => $"{block} trimmed as it was pinned")));
        return text.Length == 0
            ? ""
            : $"{char.ToUpperInvariant(text[0])}{text[1..]}, {(finding.Carried ? "for all of the set" : "on this one only")}.";
    }
}
