using Wrapper.Core.Catalogue;
using Wrapper.Core.Forms.Bedding;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Seating;
using Wrapper.Core.Forms.Tables;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms;

/// <summary>Every form there is. A new one is one file and one line here.</summary>
public static class FormCatalogue
{
    private static readonly Form[] Registered =
    [
        BoxCushion.Form,
        SeatPad.Form,
        Bolster.Form,
        Ottoman.Form,
        Pouf.Form,
        ChairBack.Form,
        Headboard.Form,
        Slipcover.Form,
        ThrowOver.Form,
        Mattress.Form,
        FittedSheet.Form,
        ChangingPad.Form,
        Duvet.Form,
        Pillowcase.Form,
        Table.Form,
        Board.Form,
    ];

    private static readonly Dictionary<string, Form> ById = Registered.ToDictionary(form => form.Definition.Id);

    /// <summary>The forms, in the order they are offered.</summary>
    public static IReadOnlyList<FormDefinition> All { get; } = [.. Registered.Select(form => form.Definition)];

    /// <summary>The form of this id; null when there is none.</summary>
    public static FormDefinition? Find(string? id) => id is not null && ById.TryGetValue(id, out var form) ? form.Definition : null;

    /// <summary>The cover of a thing, as its form hands it to a construction.</summary>
    internal static ConstructedCover Draft(CoverSpecification specification) => ById[specification.Form.Id].Draft(specification);

    /// <summary>What its cover has to measure.</summary>
    public static Expectation Expected(CoverSpecification specification) =>
        ById[specification.Form.Id].Finished(new MeasuredThing(specification));
}
