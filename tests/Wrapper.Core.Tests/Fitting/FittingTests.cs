using Wrapper.Core.Drafting;
using Wrapper.Core.Fitting;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Fitting;

public sealed class FittingTests
{
    [Theory]
    [InlineData("box-cushion", "width=20 depth=18 thickness=3", "construction=boxing-strip o.piping=both", "right", "-0.375")]
    [InlineData("box-cushion", "width=20 depth=18 thickness=3", "construction=wrap-folded", "right", "-0.375")]
    [InlineData("box-cushion", "width=20 depth=18 thickness=3", "construction=boxing-strip o.piping=both", "top", "-0.375")]
    [InlineData("chair-back", "shape=square width=18.5 thickness=2.25 height=21", "construction=bag", "left", "-0.375")]
    [InlineData("ottoman", "width=28 depth=20 height=15", "construction=tub-walls", "right", "-0.375")]
    [InlineData("bolster", "diameter=6.5 length=24", "construction=band-ends o.piping=both", "all", "-0.125")]
    [InlineData("box-cushion", "width=20 depth=18 thickness=3", "construction=boxing-strip o.piping=both", "right", "0.375")]
    public void Explore(string form, string measures, string make, string side, string by)
    {
        var input = Thing.Inches(form, measures, make);
        var outcome = Drafter.Draft(input);
        var (draft, specification) = (outcome.Draft!, outcome.Reading.Specification!);
        var after = Drafter.Draft(input with { Corrections = [new(side, Entry.Typed(by))] });
        Console.WriteLine($"=== {form} {make} {side} {by} {string.Join(" ", after.Checks.Select(c => c.Code))}");
        var plan = SewingPlanner.Of(draft, specification);
        foreach (var share in (double[])[0, 0.5, 1])
        {
            var steps = plan.Order.ToList();
            var tryOn = steps.FindIndex(o => o.Kind == OperationKind.TryOn);
            var done = steps.Take((int)((tryOn < 0 ? steps.Count : tryOn) * share)).Select(o => o.Id).ToList();
            var cut = draft.Pieces.SelectMany(piece => PieceCopy.AllOf(piece).Select(copy => (copy, piece))).ToDictionary(at => at.copy, at => new CutCopy(at.piece, default));
            var answer = FittingPlanner.Of(new(draft, cut), specification, after.Draft!, [.. after.Reading.Specification!.Corrections], done)!;
            Console.WriteLine($"-- {share}: again {string.Join(",", answer.Again)} reopened {string.Join(",", answer.Reopened.Select(r => r.Operation))} lacking {answer.Lacking}");
            foreach (var seam in answer.Seams)
            {
                Console.WriteLine($"   {seam.Mend} {seam.Seam.Id}: {string.Join("; ", seam.Sides.Select(s => $"{s.Side.Piece}/{s.Side.Copy}.{s.Side.Edge} {s.From / 25.4:0.###}..{s.To / 25.4:0.###}"))} first {string.Join(",", seam.OpenFirst)} ends {seam.Ends}");
            }

            foreach (var (copy, c) in answer.Cut.Where(c => c.Value.Lies.DistanceTo(default) > 0.01)) Console.WriteLine($"     {copy.Piece}/{copy.Copy} lies {c.Lies.X / 25.4:0.###} {c.Lies.Y / 25.4:0.###}");
        }
    }
}
