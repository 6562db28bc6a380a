using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What is seen of a cloth, and where its print lies under a lay.</summary>
public sealed class ClothFaceTests
{
    [Theory]
    [InlineData("stripe", "", "4", FaceKind.Stripe, 2)]
    [InlineData("stripe", "1 1/2", "4", FaceKind.Stripe, 1.5)]
    [InlineData("check", "", "10", FaceKind.Check, 1.8)] // the lesser of 10 across and 6 along
    [InlineData("motif", "", "4", FaceKind.Motif, 2.4)]
    [InlineData("plain", "", "", FaceKind.Plain, 0)]
    public void A_face_is_drawn_from_a_few_figures(string kind, string figure, string across, FaceKind read, double inches)
    {
        var reading = ClothReader.Read(Cloth(across, "6") with { Face = new(kind, "#AABBCC", "", Entry.Typed(figure)) }, LengthUnit.Inch);
        Assert.Empty(reading.Checks);
        var face = reading.Cloth!.Face!;
        Assert.Equal((read, "#aabbcc"), (face.Kind, face.Ground));
        Assert.Equal(inches, face.Figure.Inches, 6);
    }

    [Theory]
    [InlineData("stripe", "", "6")]
    [InlineData("check", "4", "")]
    [InlineData("motif", "", "")]
    public void A_figure_without_its_repeat_is_told_and_the_cloth_is_plain_till_then(string kind, string across, string along)
    {
        var reading = ClothReader.Read(Cloth(across, along) with { Face = new(kind, "", "", null) }, LengthUnit.Inch);
        var check = Assert.Single(reading.Checks);
        Assert.Equal((CheckLevel.Warning, "face-without-repeat", "cloth.face"), (check.Level, check.Code, check.Measure));
        Assert.Equal(FaceKind.Plain, reading.Cloth!.Face!.Kind);
    }

    [Theory]
    [InlineData("paisley", "", "", "unknown-choice")]
    [InlineData("stripe", "red", "", "unreadable")]
    [InlineData("stripe", "#12345g", "", "unreadable")]
    [InlineData("stripe", "", "5", "width-of-the-figure-out-of-range")]
    public void A_slip_is_named(string kind, string ground, string figure, string code)
    {
        var check = Assert.Single(
            ClothReader.Read(Cloth("4", "6") with { Face = new(kind, ground, "", Entry.Typed(figure)) }, LengthUnit.Inch).Checks
        );
        Assert.Equal((CheckLevel.Error, code, "cloth.face"), (check.Level, check.Code, check.Measure));
    }

    private const string Pixel = "data:image/png;base64,iVBORw0KGgo=";

    [Theory]
    [InlineData("picture-42-ab", "picture-42-ab", null, null)]
    [InlineData(Pixel, null, null, null)]
    [InlineData("", null, "face-without-picture", CheckLevel.Warning)]
    [InlineData("data:image/png;base64,no%base64", null, "no-picture", CheckLevel.Error)]
    [InlineData("data:text/html;base64,PGI+", null, "no-picture", CheckLevel.Error)]
    [InlineData("https://elsewhere.example/cloth.png", null, "no-picture", CheckLevel.Error)]
    [InlineData("a name that is so long that nobody would call a picture by it at all, however fond", null, "no-picture", CheckLevel.Error)]
    public void A_picture_comes_whole_or_by_its_name(string picture, string? name, string? code, CheckLevel? level)
    {
        var reading = ClothReader.Read(Cloth("4", "6") with { Face = new("picture", "", "", null, picture) }, LengthUnit.Inch);
        var check = reading.Checks.SingleOrDefault();
        Assert.Equal((code, level, level is null ? null : "cloth.face"), (check?.Code, check?.Level, check?.Measure));
        if (level != CheckLevel.Error)
        {
            Assert.Equal((FaceKind.Picture, name), (reading.Cloth!.Face!.Kind, reading.Cloth.Face.Picture));
        }
    }

    [Fact]
    public void A_picture_longer_than_any_made_here_is_refused() =>
        Assert.Equal(
            "no-picture",
            Assert
                .Single(
                    ClothReader
                        .Read(
                            Cloth("4", "6") with
                            {
                                Face = new("picture", "", "", null, "data:image/jpeg;base64," + new string('A', 200_000)),
                            },
                            LengthUnit.Inch
                        )
                        .Checks
                )
                .Code
        );

    [Fact]
    public void A_picture_waits_for_both_repeats() =>
        Assert.Equal(
            "face-without-repeat",
            Assert.Single(ClothReader.Read(Cloth("4", "") with { Face = new("picture", "", "", null, Pixel) }, LengthUnit.Inch).Checks).Code
        );

    [Fact]
    public void A_cloth_nobody_described_has_no_face() =>
        Assert.Null(ClothReader.Read(Cloth("4", "6") with { Face = new("", null, null, null) }, LengthUnit.Inch).Cloth!.Face);

    [Theory]
    [InlineData(false, "", "")]
    [InlineData(true, "", "")]
    [InlineData(false, "2 1/2", "-1")]
    [InlineData(true, "-3", "1 1/8")]
    public void The_middle_of_a_motif_lies_where_it_is_led_off_the_middle_of_every_face(bool halfDrop, string ledAcross, string ledAlong)
    {
        var cloth = new ClothSpecification(Length.FromInches(54), Length.FromInches(1), true, Length.FromInches(12))
        {
            RepeatWidth = Length.FromInches(9),
            MotifAcross = Length.FromInches(14),
            HalfDrop = halfDrop,
        };
        var cover = Thing.Inches("box-cushion", "width=16 depth=15 thickness=3", "count=3") with
        {
            Options = new Dictionary<string, string> { ["printAcross"] = ledAcross, ["printAlong"] = ledAlong },
        };
        var (right, back) = (
            LengthReader.Read(ledAcross, LengthUnit.Inch).Length?.Inches ?? 0,
            LengthReader.Read(ledAlong, LengthUnit.Inch).Length?.Inches ?? 0
        );
        var buyer = new ClothBuyer([new("c", cover)], LengthUnit.Inch, new Dictionary<Rule, Length>());
        var yardage = buyer.Buy(cloth, 20);
        var (x, y) = PrintPlace.Of(cloth, yardage);
        var (width, length) = (cloth.RepeatWidth.Inches, cloth.RepeatLength.Inches);

        // The middle of the motif, from the usable edge: 14 less the selvage.
        Assert.Equal(13, (x + cloth.RepeatWidth.Half()).Inches, 6);
        var faces = 0;
        foreach (var place in yardage.Lay!.Placements)
        {
            var laid = yardage.Pieces.Single(piece => piece.LayId == place.Piece);
            if (!laid.Piece.IsFace)
            {
                continue;
            }

            faces++;
            var wide = laid.Piece.CutLine.Bounds.Width.Inches;
            var stitched = laid.Piece.StitchLine.Bounds;
            var middle = (stitched.Bottom + stitched.Top).Half() - laid.Piece.CutLine.Bounds.Bottom;
            Assert.Equal(0, place.Turn);
            var toTheRight = laid.IsMirrored ? -right : right; // cut turned over, its right lies at the left
            var (across, along) = (
                place.X.Inches + (wide / 2) + toTheRight - x.Inches - (width / 2),
                place.Y.Inches + middle.Inches + back - y.Inches - (length / 2)
            );
            var column = (int)Math.Round(across / width);
            Assert.Equal(0, across - (column * width), 4);
            along -= halfDrop && column % 2 != 0 ? length / 2 : 0;
            Assert.Equal(0, along - (Math.Round(along / length) * length), 4);
        }

        Assert.Equal(6, faces);
        var meetings = PatternMeetings.Of(cloth, yardage);
        Assert.NotEmpty(meetings);
        // what stands round goes on from it
        Assert.All(meetings, meeting => Assert.True(meeting.Holds, $"{meeting.Seam}: {meeting.Off.Inches}"));
    }

    [Theory]
    [InlineData("far", "unreadable")]
    [InlineData("900", "unreadable")]
    [InlineData("-3/8", null)]
    [InlineData("(9 1/2) / 2", null)]
    public void Where_a_print_is_led_is_read_like_any_length(string across, string? code)
    {
        var reading = Registry.Read(
            Thing.Inches("box-cushion", "width=16 depth=15 thickness=3") with
            {
                Options = new Dictionary<string, string> { ["printAcross"] = across },
            }
        );
        var check = reading.Checks.SingleOrDefault(check => check.Measure == "printAcross");
        Assert.Equal(code, check?.Code);
        Assert.Equal(
            code is null ? null : ("options.printAcross", ""),
            check?.Mends?.Select(mend => ((string, string)?)(mend.Path, mend.Value)).Single()
        );
    }

    [Fact]
    public void A_print_that_is_met_nowhere_begins_at_the_edge_of_the_cloth_and_its_cut_end()
    {
        var cloth = new ClothSpecification(Length.FromInches(54), Length.FromInches(1), true, Length.Zero)
        {
            RepeatWidth = Length.FromInches(9),
        };
        var buyer = new ClothBuyer(
            [new("c", Thing.Inches("box-cushion", "width=16 depth=15 thickness=3"))],
            LengthUnit.Inch,
            new Dictionary<Rule, Length>()
        );
        Assert.Equal((Length.FromInches(-1), Length.Zero), PrintPlace.Of(cloth, buyer.Buy(cloth, 5)));
        Assert.Equal((Length.FromInches(-1), Length.Zero), PrintPlace.Of(cloth, buyer.Drafted(cloth)));
    }

    private static ClothDocument Cloth(string across, string along) =>
        new() { Width = Entry.Typed("54"), Repeat = new(Entry.Typed(along), Entry.Typed(across)) };
}
