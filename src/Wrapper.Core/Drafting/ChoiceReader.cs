using Wrapper.Core.Checks;

namespace Wrapper.Core.Drafting;

/// <summary>Reads the choices of the make-up; a word that is no choice becomes an error naming it.</summary>
internal sealed class ChoiceReader(IReadOnlyDictionary<string, string> options, List<Check> checks)
{
    private static readonly string[] Known = ["piping", "slidePocket", "bias", "strips", "plates"];

    public Choices Read()
    {
        foreach (var name in options.Keys.Where(name => !Known.Contains(name)))
        {
            checks.Add(OptionCatalogue.OfOtherForms.Contains(name)
                ? Check.Note("option-without-effect", $"The choice “{name}” changes nothing on this make-up.", name)
                : Check.Error("unknown-option", $"There is no choice “{name}”. There are: {string.Join(", ", Known)}.", name));
        }

        return new Choices
        {
            Piping = One("piping", Piping.None, ("none", Piping.None), ("top", Piping.Top), ("both", Piping.Both)),
            SlidePocket = One("slidePocket", false, ("false", false), ("true", true)),
            Bias = One("bias", true, ("true", true), ("false", false)),
            Strips = One<StripDirection?>("strips", null, ("across", StripDirection.Across), ("down", StripDirection.Down)),
            Plates = One<PlateLay?>(
                "plates", null, ("straight", PlateLay.Straight), ("turned", PlateLay.Turned), ("middle-and-sides", PlateLay.MiddleAndSides)),
        };
    }

    private T One<T>(string name, T unsaid, params (string Word, T Value)[] choices)
    {
        if (!options.TryGetValue(name, out var word) || word.Length == 0)
        {
            return unsaid;
        }

        foreach (var choice in choices)
        {
            if (choice.Word == word)
            {
                return choice.Value;
            }
        }

        checks.Add(Check.Error("unknown-choice", $"“{word}” is no choice for {name}: choose {string.Join(", ", choices.Select(choice => choice.Word))}.", name));
        return unsaid;
    }
}
