using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Judgement;

/// <summary>One way of making a thing, as a change to how it stands now.</summary>
/// <param name="Kind">What is decided: <c>construction</c>, an option's name, or <c>fit</c>.</param>
/// <param name="Word">What is chosen: a construction's id, an option's word, <c>exact</c>, <c>snug</c> or <c>easy</c>.</param>
/// <param name="Label">What it is called on screen.</param>
public sealed record MakeUpChange(string Kind, string Word, string Label)
{
    /// <summary>The cover made this way; what the other way of making it cannot have is left out, and what was measured stays.</summary>
    public CoverInput On(CoverInput input, bool imperial) =>
        Kind switch
        {
            "construction" => Word == input.Construction
                ? input
                : input with
                {
                    Construction = Word,
                    Options = input.Options.Where(option => Takes(Word, option.Key, option.Value)).ToDictionary(),
                },
            "fit" => input with { Rules = Fitted(input.Rules, imperial) },
            _ => input with { Options = new Dictionary<string, string>(input.Options) { [Kind] = Word } },
        };

    /// <summary>An option that this construction has, and that is not only there to be refused.</summary>
    private static bool Takes(string construction, string option, string word) =>
        Choice.Figures.Contains(option)
        || (
            Choice.All.TryGetValue(option, out var choice)
            && ConstructionCatalogue.All[construction] is var made
            && made.Choices.Contains(choice)
            && choice.Words.Contains(word)
            && !made.Refused.Contains(choice)
            && choice != Choice.Closure
            && choice != Choice.Edge
        );

    private Dictionary<string, Entry> Fitted(IReadOnlyDictionary<string, Entry> rules, bool imperial)
    {
        var fitted = rules
            .Where(rule => rule.Key != Rule.FitWidth.Name && rule.Key != Rule.FitDepth.Name && rule.Key != Rule.FitThickness.Name)
            .ToDictionary();
        if (Word == "snug")
        {
            fitted[Rule.FitThickness.Name] = Entry.Typed(imperial ? "-3/8 in" : "-10 mm");
        }
        else if (Word == "easy")
        {
            fitted[Rule.FitWidth.Name] = fitted[Rule.FitDepth.Name] = Entry.Typed(imperial ? "1/2 in" : "12 mm");
        }

        return fitted;
    }
}
