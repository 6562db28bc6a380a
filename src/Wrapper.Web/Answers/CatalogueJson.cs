using Wrapper.Core.Catalogue;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Judgement.Advice;
using Wrapper.Core.Pattern;
using Wrapper.Jobs.Files;

namespace Wrapper.Web.Answers;

/// <summary>The state of the application.</summary>
public sealed record HealthJson(string Status, string Version);

/// <summary>A measure a shape asks for.</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Guidance">How to hold the tape.</param>
/// <param name="Axis">width, depth, thickness, diagonal or detail.</param>
/// <param name="Kind">What it is a measure of: always a length.</param>
/// <param name="Place">Where it is written on the drawing; null for nowhere.</param>
/// <param name="ExampleInches">What a first drawing shows, in an inch job.</param>
/// <param name="ExampleMillimetres">The same in a metric job.</param>
/// <param name="ExampleOfInches">The inch example in millimetres; null where it has none.</param>
/// <param name="ExampleOfMillimetres">The metric example in millimetres.</param>
/// <param name="Least">Less than this, in millimetres, is probably a slip.</param>
/// <param name="Most">More than this is probably a slip.</param>
/// <param name="Optional">A draft can be made without it.</param>
/// <param name="MayBeZero">Nothing is an answer.</param>
/// <param name="Rule">The rule that answers when it is not taken.</param>
public sealed record MeasureJson(
    string Name,
    string Label,
    string Guidance,
    MeasureAxis Axis,
    string Kind,
    MeasurePlace? Place,
    string ExampleInches,
    string ExampleMillimetres,
    double? ExampleOfInches,
    double? ExampleOfMillimetres,
    double Least,
    double Most,
    bool Optional,
    bool MayBeZero,
    string? Rule
);

/// <summary>A shape of a form; <c>withoutOptions</c> are those that make no difference on it.</summary>
public sealed record ShapeJson(
    string Id,
    string Label,
    IReadOnlyList<MeasureJson> Measures,
    MeasureList? List,
    IReadOnlyList<string> Constructions,
    IReadOnlyList<Closure> Closures,
    IReadOnlyList<LowerEdge> Edges,
    IReadOnlyList<string> WithoutOptions,
    Standing Stands
);

/// <summary>What the tape may lie on when a thing is measured, by its word and as it is called on this thing.</summary>
public sealed record TapeLiesJson(MeasuredFrom Word, string Label);

/// <summary>A form; of what the tape may lie on the usual stands first.</summary>
public sealed record FormJson(
    string Id,
    string Label,
    IReadOnlyList<ShapeJson> Shapes,
    IReadOnlyDictionary<string, string> RuleVariants,
    IReadOnlyList<TapeLiesJson> TapeLies,
    bool Legs
);

/// <summary>A choice made with words.</summary>
/// <param name="Name">Its name in the open format.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Words">What can be chosen, the usual one first.</param>
/// <param name="Said">What its words are called, where that is not the word itself.</param>
/// <param name="Compared">Make-ups with each of its words are compared side by side.</param>
/// <param name="LeftToTheDraft">While nothing is chosen the draft decides.</param>
/// <param name="NeedsOption">It makes a difference only where this option is not at its first word.</param>
/// <param name="NeedsMeasure">It makes a difference only where this measure was taken.</param>
public sealed record OptionJson(
    string Name,
    string Label,
    IReadOnlyList<string> Words,
    IReadOnlyDictionary<string, string> Said,
    bool Compared,
    bool LeftToTheDraft,
    string? NeedsOption,
    string? NeedsMeasure
)
{
    /// <summary>From the core's choice.</summary>
    public static OptionJson Of(Choice choice) =>
        new(
            choice.Name,
            choice.Label,
            choice.Words,
            choice.Said,
            choice.IsCompared,
            choice.IsLeftToTheDraft,
            choice.Needs?.Name,
            choice.NeedsMeasure?.Name
        );
}

/// <summary>A construction with the choices it has.</summary>
public sealed record ConstructionJson(
    string Id,
    string Label,
    string Says,
    string Look,
    string GoesOn,
    string Washes,
    string Suits,
    string Brief,
    bool Obstacles,
    IReadOnlyList<OptionJson> Options
);

/// <summary>A rule that is a plain number.</summary>
public sealed record NumberRuleJson(string Name, string Label, decimal Usual, decimal Least, decimal Most, RuleGroup Group);

/// <summary>A rule with its usual figures, as a person would type them; a rare one is seldom changed on one cover.</summary>
public sealed record RuleJson(string Name, string Label, string Imperial, string Metric, RuleGroup Group, bool Rare);

/// <summary>A role that cloths are given to.</summary>
/// <param name="Word">Its word in the open format.</param>
/// <param name="Label">What it is called.</param>
/// <param name="GoesRound">It goes round the thing: several cloths given to it take turns.</param>
/// <param name="CanBePieced">It may be joined from strips of several cloths.</param>
public sealed record RoleJson(string Word, string Label, bool GoesRound, bool CanBePieced);

/// <summary>What may matter to a maker.</summary>
public sealed record MatterJson(Matter Word, string Label);

/// <summary>A step of the sewing that houses do in different ways, the usual one first.</summary>
/// <param name="Name">Its name under <c>schools</c>.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Ways">The ways.</param>
/// <param name="For">It makes a difference to covers that have one of these pieces; empty for every cover.</param>
public sealed record SewingMethodJson(string Name, string Label, IReadOnlyList<SewingWay> Ways, IReadOnlyList<PieceKind> For);

/// <summary>A file that a job gives, and its formats.</summary>
public sealed record FileOfferJson(FileContent What, string Label, IReadOnlyList<FileFormat> Formats);

/// <summary>What a cloth may be like: its word, what it is called, and what it asks for at the table and the machine.</summary>
public sealed record TraitJson(ClothTrait Word, string Label, string Handling);

/// <summary>Everything the screen is built from.</summary>
public sealed record CatalogueJson(
    IReadOnlyList<FormJson> Forms,
    IReadOnlyList<ConstructionJson> Constructions,
    IReadOnlyList<RuleJson> Rules,
    IReadOnlyList<NumberRuleJson> NumberRules,
    IReadOnlyList<TraitJson> Traits
)
{
    /// <summary>The roles that cloths are given to.</summary>
    public required IReadOnlyList<RoleJson> Roles { get; init; }

    /// <summary>What may matter to a maker.</summary>
    public required IReadOnlyList<MatterJson> Matters { get; init; }

    /// <summary>How many things may matter on one cover.</summary>
    public required int MostMatters { get; init; }

    /// <summary>The steps of the sewing that houses do in different ways.</summary>
    public required IReadOnlyList<SewingMethodJson> SewingMethods { get; init; }

    /// <summary>The files a job gives.</summary>
    public required IReadOnlyList<FileOfferJson> Files { get; init; }
}
