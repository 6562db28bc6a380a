using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>Reads the choices of the make-up; a word that is no choice becomes an error naming it.</summary>
internal sealed class ChoiceReader(
    CoverInput input,
    FormDefinition form,
    ShapeDefinition shape,
    ConstructionDefinition construction,
    LengthUnit unit,
    List<Check> checks
)
{
    public Choices Read()
    {
        foreach (var name in input.Options.Keys)
        {
            if (!Choice.All.TryGetValue(name, out var option))
            {
                if (!Choice.Figures.Contains(name))
                {
                    checks.Add(Check.Error("unknown-option", ReadingText.UnknownOption(name, string.Join(", ", Choice.Names)), name));
                }
            }
            else if (
                (!construction.Choices.Contains(option) || (option == Choice.Back && !form.MayHaveReadyBack))
                && !string.IsNullOrEmpty(input.Options[name])
                && input.Options[name] != option.Words[0]
            )
            {
                checks.Add(Check.Note("option-without-effect", ReadingText.OptionWithoutEffect(name), name));
            }
        }

        return new Choices
        {
            Piping = Words.Read<Piping>(Word(Choice.Piping)) ?? Piping.None,
            SlidePocket = Word(Choice.SlidePocket) == "true",
            Bias = Word(Choice.Bias) != "false",
            Strips = Words.Read<StripDirection>(Word(Choice.Strips)),
            Plates = Words.Read<PlateLay>(Word(Choice.Plates)),
            Closure = Offered(Choice.Closure, construction.ClosuresOf(shape)),
            Edge = Offered(Choice.Edge, shape.Edges),
            FullWallNotch = Word(Choice.Notch) == "full-wall",
            ReturnCorners = Words.Read<ReturnCorners>(Word(Choice.ReturnCorners)) ?? ReturnCorners.Open,
            PleatedTopCorners = Word(Choice.TopCorners) == "pleated",
            RoundedCorners = Words.Read<RoundedCorners>(Word(Choice.RoundedCorners)) ?? RoundedCorners.All,
            EarOnTheRight = Word(Choice.EarSide) == "right",
            ZipOnThreeSides = Word(Choice.ZipSides) == "three-sides",
            MiddleAndSides = Word(Choice.Join) switch
            {
                "middle-and-sides" => true,
                "equal-widths" => false,
                _ => null,
            },
            Reversible = Word(Choice.Layers) == "reversible",
            HasReadyBack = form.MayHaveReadyBack && Word(Choice.Back) == "ready-sheet",
            InPairs = Word(Choice.Hands) == "pairs",
            Skirt = Words.Read<SkirtMake>(Word(Choice.Skirt)) ?? SkirtMake.Gathered,
            ZipShare = ReadZipShare(),
            Medallion = ReadMedallion(),
            Print = new(ReadPrint("printAcross"), ReadPrint("printAlong")),
        };
    }

    /// <summary>The word chosen; null when nothing, or nothing that can be chosen, is said.</summary>
    private string? Word(Choice choice)
    {
        if (!input.Options.TryGetValue(choice.Name, out var word) || string.IsNullOrEmpty(word))
        {
            return null;
        }

        if (choice.Words.Contains(word))
        {
            return word;
        }

        checks.Add(
            Check.Error("unknown-choice", ReadingText.UnknownChoice(word, choice.Name, string.Join(", ", choice.Words)), choice.Name)
        );
        return null;
    }

    /// <summary>One of those this shape offers; its first when nothing is said.</summary>
    private T? Offered<T>(Choice choice, IReadOnlyList<T> offered)
        where T : struct, Enum
    {
        if (Words.Read<T>(Word(choice)) is not { } chosen)
        {
            return offered.Count > 0 ? offered[0] : null;
        }

        if (offered.Count > 0 && !offered.Contains(chosen))
        {
            checks.Add(
                Check.Error(
                    "choice-not-for-this",
                    ReadingText.ChoiceNotForThis(
                        form.WithArticle,
                        construction.Label.ToLowerInvariant(),
                        choice.Label.ToLowerInvariant(),
                        Spoken(chosen),
                        string.Join(", ", offered.Select(Spoken))
                    ),
                    choice.Name,
                    new Mend(ReadingText.ToTakeSpoken(Spoken(offered[0])), $"options.{choice.Name}", offered[0].Word())
                )
            );
        }

        return chosen;
    }

    private static string Spoken<T>(T chosen)
        where T : struct, Enum => chosen.Word().Replace('-', ' ');

    private decimal ReadZipShare()
    {
        if (!input.Options.TryGetValue("zipShare", out var text) || string.IsNullOrWhiteSpace(text))
        {
            return 0.5m;
        }

        if (NumberReader.Read(text) is { } share and > 0 and < 1)
        {
            return share;
        }

        checks.Add(
            Check.Error(
                "zip-share-out-of-range",
                ReadingText.ZipShareOutOfRange(text),
                "zipShare",
                new Mend(CommonText.ToHalfOfTheWay, "options.zipShare", "0.5")
            )
        );
        return 0.5m;
    }

    /// <summary>How far the print is led one way; nothing where nobody has said.</summary>
    private Length ReadPrint(string name)
    {
        if (!input.Options.TryGetValue(name, out var text) || string.IsNullOrWhiteSpace(text))
        {
            return Length.Zero;
        }

        var reading = LengthReader.Read(text, unit);
        if (reading.Length is { } led && led.Abs() <= MeasureReader.Longest)
        {
            return led;
        }

        checks.Add(
            Check.Error(
                "unreadable",
                ReadingText.PrintProblem(reading.Problem),
                name,
                new Mend(ReadingText.ToCentrePrint, $"options.{name}", "")
            )
        );
        return Length.Zero;
    }

    private Length? ReadMedallion()
    {
        if (!input.Options.TryGetValue("medallion", out var text) || string.IsNullOrWhiteSpace(text) || text == "false")
        {
            return null;
        }

        var reading = LengthReader.Read(text, unit);
        if (reading.Length is { IsPositive: true } diameter && diameter <= MeasureReader.Longest)
        {
            return diameter;
        }

        checks.Add(Check.Error("unreadable", ReadingText.MedallionProblem(reading.Problem), "medallion"));
        return null;
    }
}
