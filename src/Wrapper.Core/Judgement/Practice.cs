using Wrapper.Core.Catalogue;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement;

/// <summary>A line of a ticket: a number with the figure that stands on it.</summary>
/// <param name="Number">The number of the draft.</param>
/// <param name="Shown">The figure on the ticket.</param>
/// <param name="Slip">The slip it was made with; null where it is right.</param>
public sealed record TicketLine(DraftNumber Number, Length Shown, Slip? Slip);

/// <summary>A made-up thing to practise on: either one of its cut sizes is asked for, or a ticket has one slip in it.</summary>
/// <param name="Input">The thing, as it would be drafted.</param>
/// <param name="Form">Its form.</param>
/// <param name="Shape">Its shape.</param>
/// <param name="Draft">Its draft: the answers are the core's own.</param>
/// <param name="Asked">The number that is asked for; null on a ticket.</param>
/// <param name="Ticket">The ticket's lines, one of them with a slip; empty when a size is asked for.</param>
public sealed record PracticeTask(
    CoverInput Input,
    FormDefinition Form,
    ShapeDefinition Shape,
    Draft Draft,
    DraftNumber? Asked,
    IReadOnlyList<TicketLine> Ticket
);

/// <summary>Makes up things to practise on. The same seed gives the same task. See docs/handbook.md, "Practice".</summary>
public static class Practice
{
    private const int Attempts = 40;
    private const int MostLines = 6;

    /// <summary>A task of this seed, in inches or millimetres.</summary>
    public static PracticeTask Task(int seed, LengthUnit unit)
    {
        var luck = new Random(seed);
        for (var attempt = 0; attempt < Attempts; attempt++)
        {
            if (Try(luck, unit, asksSize: luck.Next(2) == 0) is { } task)
            {
                return task;
            }
        }

        return Try(new(1), unit, asksSize: true) ?? throw new InvalidOperationException("The examples of the forms cannot be drafted.");
    }

    private static PracticeTask? Try(Random luck, LengthUnit unit, bool asksSize)
    {
        var form = Pick(luck, FormCatalogue.All);
        var shape = Pick(luck, form.Shapes);
        if (shape.List is not null)
        {
            return null;
        }

        var step = unit.IsImperial() ? Length.FromInches(0, 1, 4) : Length.FromMillimetres(5m);
        var measures = new Dictionary<string, Entry>();
        foreach (var measure in shape.Measures.Where(measure => measure.IsInExamples))
        {
            var example = LengthReader.Read(unit.IsImperial() ? measure.ExampleInches : measure.ExampleMillimetres, unit).Length!.Value;
            var size = Length.Max(example.Times((decimal)(0.8 + (0.5 * luck.NextDouble()))).RoundedDownTo(step), step);
            measures[measure.Name] = Entry.Typed(LengthFormat.For(unit).RoundedWithUnit(size));
        }

        var input = new CoverInput
        {
            Unit = unit.IsImperial() ? "in" : "mm",
            Form = form.Id,
            Shape = shape.Id,
            Construction = Pick(luck, shape.Constructions),
            Measures = measures,
        };
        if (Drafter.Draft(input).Draft is not { } draft)
        {
            return null;
        }

        var sizes = draft
            .Numbers()
            .Where(number => number.IsCutSize && number.Value.Terms.Length > 1)
            .DistinctBy(number => number.Value.Value)
            .Take(MostLines)
            .ToList();
        return sizes.Count < 2 ? null
            : asksSize ? new(input, form, shape, draft, Pick(luck, sizes), [])
            : Ticket(luck, draft, sizes) is { } ticket ? new(input, form, shape, draft, null, ticket)
            : null;
    }

    private static List<TicketLine>? Ticket(Random luck, Draft draft, List<DraftNumber> sizes)
    {
        var wrong = luck.Next(sizes.Count);
        var slips = OwnFigure.SlipsOf(draft, sizes[wrong]);
        if (slips.Count == 0)
        {
            return null;
        }

        var slip = Pick(luck, slips);
        return
        [
            .. sizes.Select((number, i) => new TicketLine(number, i == wrong ? slip.Value : number.Value.Value, i == wrong ? slip : null)),
        ];
    }

    private static T Pick<T>(Random luck, IReadOnlyList<T> from) => from[luck.Next(from.Count)];
}
