using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>Reads which pieces of a cover are joined from strips. Whether the strips fill the piece is seen when it is drafted.</summary>
internal sealed class PiecedReader(CoverInput input, LengthUnit unit, List<Check> checks) : Reader(unit, checks)
{
    private const int MostParts = 24;

    /// <summary>The mend of what cannot be pieced so: it is left whole.</summary>
    public static Mend Whole(string measure) => new(ReadingText.ToLeaveItWhole, measure, "");

    public IReadOnlyDictionary<string, PiecedCloth> Read()
    {
        var pieced = new Dictionary<string, PiecedCloth>();
        foreach (var said in input.Pieced)
        {
            var measure = MeasureOf(said.Role);
            if (PieceRole.Find(said.Role) is not { } role || !role.CanBePieced)
            {
                Checks.Add(Check.Error("not-pieced", ReadingText.CannotBePieced(said.Role), measure, Whole(measure)));
            }
            else if (role == PieceRole.FaceBack && input.Options.GetValueOrDefault("back") == "ready-sheet")
            {
                Checks.Add(Check.Error("sheet-not-pieced", ReadingText.SheetNotPieced, measure, Whole(measure)));
            }
            else if (said.Run is not (null or "" or Along or Across))
            {
                Fail("unknown-option", ReadingText.UnknownRun(said.Run), measure);
            }
            else if (said.Parts.Count is < 2 or > MostParts)
            {
                Checks.Add(
                    Check.Error("pieced-count", ReadingText.PiecedCount(role.Label, said.Parts.Count, MostParts), measure, Whole(measure))
                );
            }
            else
            {
                pieced[said.Role] = new(said.Run == Across, [.. said.Parts.Select((part, i) => Part(part, role, i + 1, measure))]);
            }
        }

        return pieced;
    }

    /// <summary>Where the strips of a role stand among the inputs.</summary>
    public static string MeasureOf(string role) => $"options.pieced.{role}";

    private const string Along = "along";
    private const string Across = "across";

    private PiecedPart Part(PiecedPartInput part, PieceRole role, int number, string measure)
    {
        if (part.Cloth is { Length: > 0 } key && !input.Cloths.ContainsKey(key))
        {
            Checks.Add(
                Check.Error("unknown-cloth", ReadingText.UnknownClothOfStrip(key, role.Label, number), measure, Whole(measure)) with
                {
                    Concerns = CheckConcern.Cloth,
                }
            );
        }

        Length? width =
            part.Width is { } typed && !string.IsNullOrWhiteSpace(typed.ToString())
                ? ReadLength(typed, measure, ReadingText.WidthOfStrip(role.Label, number))
                : null;
        if (width is { IsPositive: false })
        {
            Fail("measure-zero", ReadingText.MeasureZero(ReadingText.WidthOfStrip(role.Label, number)), measure);
        }
        else if (width > MeasureReader.Longest)
        {
            Fail("measure-huge", ReadingText.MeasureHuge(ReadingText.WidthOfStrip(role.Label, number)), measure);
        }

        return new(string.IsNullOrEmpty(part.Cloth) ? null : part.Cloth, width);
    }
}
