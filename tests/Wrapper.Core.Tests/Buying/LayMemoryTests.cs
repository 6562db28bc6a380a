using Wrapper.Core.Buying;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Buying;

/// <summary>A lay that is remembered is the one that would be found: anything it follows from makes it another.</summary>
public sealed class LayMemoryTests
{
    private static readonly LayRequest Request = new()
    {
        UsableWidth = Mm(1370),
        RepeatLength = Mm(50),
        RepeatWidth = Mm(50),
        Pieces = [Piece("a", 3, 400, 300), Piece("b", 2, 500, 200)],
        Flaws = [new(Mm(100), Mm(200))],
        Remnants = [new("r", Mm(450), Mm(350))],
    };

    /// <summary>Each with one thing changed that a lay follows from.</summary>
    private static readonly LayRequest[] Others =
    [
        Request with
        {
            UsableWidth = Mm(1371),
        },
        Request with
        {
            OneWay = true,
        },
        Request with
        {
            RepeatLength = Mm(100),
        },
        Request with
        {
            RepeatWidth = Mm(100),
        },
        Request with
        {
            HalfDrop = true,
        },
        Request with
        {
            MotifAcross = Mm(10),
        },
        Request with
        {
            Flaws = [new(Mm(100), Mm(201))],
        },
        Request with
        {
            Flaws = [new(Mm(100), Mm(200), Left: Mm(5))],
        },
        Request with
        {
            Pinned = [new("a", 1, 0, Mm(0), Mm(900))],
        },
        Request with
        {
            Known = [new("a", 1, 0, Mm(0), Mm(0))],
        },
        Request with
        {
            Remnants = [],
        },
        Request with
        {
            Available = Mm(9000),
        },
        Request with
        {
            Space = Mm(3),
        },
        Request with
        {
            CurveSpace = Mm(9),
        },
        Request with
        {
            Pieces = [Piece("a", 4, 400, 300), Piece("b", 2, 500, 200)],
        },
        Request with
        {
            Pieces = [Piece("c", 3, 400, 300), Piece("b", 2, 500, 200)],
        },
        Request with
        {
            Pieces = [Piece("a", 3, 401, 300), Piece("b", 2, 500, 200)],
        },
        Request with
        {
            Pieces = [Piece("a", 3, 400, 300) with { Turns = [0] }, Piece("b", 2, 500, 200)],
        },
        Request with
        {
            Pieces = [Piece("a", 3, 400, 300) with { Match = new("set", Mm(10)) }, Piece("b", 2, 500, 200)],
        },
    ];

    [Fact]
    public void The_same_request_is_answered_with_the_same_lay_and_not_looked_for_again()
    {
        var (memory, asked) = (new LayMemory(1000), 0);
        bool Asked()
        {
            asked++;
            return false;
        }

        var first = memory.Plan(Request, 30, isFolded: false, Asked);
        var before = asked;
        var second = memory.Plan(Request with { Pieces = [.. Request.Pieces] }, 30, isFolded: false, Asked);
        Assert.True(before > 0);
        Assert.Equal(before, asked);
        Assert.Same(first.Lay, second.Lay);
        Assert.Equal(LayPlanner.Plan(Request, 30).Lay!.Length, first.Lay!.Length);
    }

    [Fact]
    public void Whatever_is_changed_makes_it_another_lay()
    {
        var memory = new LayMemory(100_000);
        memory.Plan(Request, 5, isFolded: false, null);
        var known = memory.Count;
        foreach (var other in Others)
        {
            memory.Plan(other, 5, isFolded: false, null);
            Assert.Equal(++known, memory.Count);
        }

        memory.Plan(Request, 6, isFolded: false, null);
        memory.Plan(Request, 5, isFolded: true, null);
        Assert.Equal(known + 2, memory.Count);
    }

    /// <summary>One who adds a property to a request adds it to the key, and here.</summary>
    [Fact]
    public void All_that_a_request_says_is_in_the_key()
    {
        Assert.Equal(14, typeof(LayRequest).GetProperties().Count(property => property.CanWrite));
        Assert.Equal(6, typeof(LayPiece).GetProperties().Count(property => property.CanWrite));
        Assert.Equal(4, typeof(LayMatch).GetProperties().Count(property => property.CanWrite));
        Assert.Equal(4, typeof(Remnant).GetProperties().Count(property => property.CanWrite));
        Assert.Equal(6, typeof(Placement).GetProperties().Count(property => property.CanWrite));
    }

    [Fact]
    public void What_was_cut_short_is_not_remembered_and_the_longest_unused_goes_first()
    {
        var memory = new LayMemory(12);
        memory.Plan(Request, 50, isFolded: false, () => true);
        Assert.Equal(0, memory.Count);
        var (one, two, three) = (Request, Request with { Space = Mm(1) }, Request with { Space = Mm(2) });
        memory.Plan(one, 2, isFolded: false, null);
        memory.Plan(two, 2, isFolded: false, null);
        memory.Plan(one, 2, isFolded: false, null);
        memory.Plan(three, 2, isFolded: false, null); // five placements each: there is room for two lays
        Assert.Equal(2, memory.Count);
        var asked = 0;
        memory.Plan(one, 2, isFolded: false, () => asked++ < 0);
        Assert.Equal(0, asked);
    }

    private static LayPiece Piece(string id, int quantity, double width, double height) =>
        new(id, quantity, [new(Mm(0), Mm(0)), new(Mm(width), Mm(0)), new(Mm(width), Mm(height)), new(Mm(0), Mm(height))], [0, 180]);

    private static Length Mm(double millimetres) => Length.FromMillimetres(millimetres);
}
