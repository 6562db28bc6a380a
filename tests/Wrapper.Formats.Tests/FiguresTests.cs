using System.Xml.Linq;
using Wrapper.Core.Constructions;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Wrapper.Formats.Answers;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>The figures of docs/drafting.md are drawn by the product itself and are what it draws today.</summary>
public sealed class FiguresTests
{
    private static readonly string[] Shown =
    [
        "boxing-strip",
        "wrap-notched",
        "wrap-folded",
        "panels-folded",
        "band-ends",
        "envelope",
        "tub-notched",
        "tub-walls",
        "bag",
        "pouf-wrapped",
        "flat",
        "outline-margin",
        "blocks",
    ];

    /// <summary>The constructions by id.</summary>
    public static TheoryData<string> Constructions => [.. ConstructionCatalogue.All.Keys];

    [Theory]
    [MemberData(nameof(Constructions))]
    public void The_figure_is_the_one_the_product_draws(string construction)
    {
        var drawn = PieceFigure.Draw(Drafter.Draft(Cover(construction)).Draft!);
        Assert.NotEmpty(XDocument.Parse(drawn).Root!.Elements());
        var path = Path.Combine(Wrapper.Tests.Repository.Root(), "docs", "figures", construction + ".svg");
        if (Environment.GetEnvironmentVariable("WRAPPER_WRITE_FIGURES") == "1")
        {
            File.WriteAllText(path, drawn);
        }

        Assert.Equal(File.ReadAllText(path), drawn);
    }

    [Fact]
    public void Every_construction_has_its_section_and_figure()
    {
        var text = File.ReadAllText(Path.Combine(Wrapper.Tests.Repository.Root(), "docs", "drafting.md"));
        Assert.Equal(Shown, ConstructionCatalogue.All.Keys);
        Assert.All(ConstructionCatalogue.All.Keys, id => Assert.Contains($"figures/{id}.svg", text, StringComparison.Ordinal));
    }

    private static CoverInput Cover(string construction)
    {
        var (form, shape, measures) = construction switch
        {
            "boxing-strip" => ("box-cushion", "rectangle", "width=21 1/4;depth=19;thickness=4"),
            "wrap-notched" => ("box-cushion", "rectangle", "width=26;depth=15;thickness=3 1/2"),
            "wrap-folded" => ("box-cushion", "rectangle", "width=23;depth=18 1/2;thickness=4"),
            "panels-folded" => ("box-cushion", "rectangle", "width=16;depth=24;thickness=3"),
            "band-ends" => ("bolster", "round", "diameter=7;length=24"),
            "envelope" => ("box-cushion", "rectangle", "width=22;depth=22;thickness=5"),
            "tub-notched" => ("fitted-sheet", "rectangle", "width=28;length=52;thickness=5"),
            "tub-walls" => ("ottoman", "rectangle", "width=28;depth=20;height=15"),
            "bag" => ("chair-back", "square", "width=18 1/2;thickness=2 1/4;height=21"),
            "pouf-wrapped" => ("pouf", "cube", "size=22;wrap=2 1/4"),
            "flat" => ("table", "round", "diameter=36;drop=8"),
            "outline-margin" => ("board", "ironing", "length=48;widest=14;noseWidth=6"),
            _ => ("throw-over", "three-pieces", "seatWidth=60;seatRun=72;armRun=52;armDepth=34;freeTuck=4"),
        };
        return new()
        {
            Unit = "in",
            Form = form,
            Shape = shape,
            Construction = construction,
            Measures = measures.Split(';').Select(part => part.Split('=')).ToDictionary(part => part[0], part => Entry.Typed(part[1])),
        };
    }
}
