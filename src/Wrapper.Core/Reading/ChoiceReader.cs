using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading;

/// <summary>Reads the choices of the make-up; a word that is no choice becomes an error naming it.</summary>
internal sealed class ChoiceReader(CoverInput input, FormDefinition form, ShapeDefinition shape, ConstructionDefinition construction, LengthUnit unit, List<Check> checks)
{
    public Choices Read()
    {
        foreach (var name in input.Options.Keys)
        {
            if (!OptionCatalogue.All.TryGetValue(name, out var option))
            {
                if (!OptionCatalogue.Figures.Contains(name))
                {
                    checks.Add(Check.Error("unknown-option", $"There is no choice “{name}”. There are: {string.Join(", ", OptionCatalogue.Names)}.", name));
                }
            }
            else if (!construction.Choices.Contains(name) && !string.IsNullOrEmpty(input.Options[name]) && input.Options[name] != option.Words[0])
            {
                checks.Add(Check.Note("option-without-effect", $"The choice “{name}” changes nothing on this make-up.", name));
            }
        }

        return new Choices
        {
            Piping = Word("piping") switch { "top" => Piping.Top, "both" => Piping.Both, _ => Piping.None },
            SlidePocket = Word("slidePocket") == "true",
            Bias = Word("bias") != "false",
            Strips = Word("strips") switch { "across" => StripDirection.Across, "down" => StripDirection.Down, _ => null },
            Plates = Word("plates") switch { "straight" => PlateLay.Straight, "turned" => PlateLay.Turned, "middle-and-sides" => PlateLay.MiddleAndSides, _ => null },
            Closure = Offered("closure", construction.ClosuresOf(shape)),
            Edge = Offered("edge", shape.Edges),
            FullWallNotch = Word("notch") == "full-wall",
            ReturnCorners = Word("returnCorners") ?? "open",
            PleatedTopCorners = Word("topCorners") == "pleated",
            RoundedCorners = Word("roundedCorners") switch { "front" => RoundedCorners.Front, "back" => RoundedCorners.Back, _ => RoundedCorners.All },
            EarOnTheRight = Word("earSide") == "right",
            ZipOnThreeSides = Word("zipSides") == "three-sides",
            MiddleAndSides = Word("join") switch { "middle-and-sides" => true, "equal-widths" => false, _ => null },
            Reversible = Word("layers") == "reversible",
            InPairs = Word("hands") == "pairs",
            Skirt = Word("skirt") ?? "gathered",
            ZipShare = ReadZipShare(),
            Medallion = ReadMedallion(),
        };
    }

    /// <summary>The word chosen; null when nothing, or nothing that can be chosen, is said.</summary>
    private string? Word(string name)
    {
        if (!input.Options.TryGetValue(name, out var word) || string.IsNullOrEmpty(word))
        {
            return null;
        }

        var words = OptionCatalogue.All[name].Words;
        if (words.Contains(word))
        {
            return word;
        }

        checks.Add(Check.Error("unknown-choice", $"“{word}” is no choice for {name}: choose {string.Join(", ", words)}.", name));
        return null;
    }

    /// <summary>One of the words this shape offers; its first when nothing is said.</summary>
    private string Offered(string name, IReadOnlyList<string> offered)
    {
        if (Word(name) is not { } word)
        {
            return offered.Count > 0 ? offered[0] : "";
        }

        if (offered.Count > 0 && !offered.Contains(word))
        {
            checks.Add(Check.Error(
                "choice-not-for-this",
                $"{form.WithArticle} made as {construction.Label.ToLowerInvariant()} cannot have the {OptionCatalogue.All[name].Label.ToLowerInvariant()} “{word.Replace('-', ' ')}”: choose {string.Join(", ", offered.Select(choice => choice.Replace('-', ' ')))}.",
                name,
                new Mend($"Take {offered[0].Replace('-', ' ')}", $"options.{name}", offered[0])));
        }

        return word;
    }

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

        checks.Add(Check.Error("zip-share-out-of-range", $"“{text}” is no part of the way round for a zip: say a number between 0 and 1, usually 0.5.", "zipShare", new Mend("Half of the way round", "options.zipShare", "0.5")));
        return 0.5m;
    }

    private Length? ReadMedallion()
    {
        if (!input.Options.TryGetValue("medallion", out var text) || string.IsNullOrWhiteSpace(text) || text == "false")
        {
            return null;
        }

        var reading = LengthReader.Read(text, unit);
        if (reading.Length is { IsPositive: true } diameter && diameter <= CoverReader.Longest)
        {
            return diameter;
        }

        checks.Add(Check.Error("unreadable", $"Medallion: {reading.Problem ?? "its diameter has to be more than nothing."}", "medallion"));
        return null;
    }
}
