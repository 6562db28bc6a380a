using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>Reads a cloth; a slip becomes a check naming its field.</summary>
public static class ClothReader
{
    private static readonly Length LeastUsable = Length.FromMillimetres(100m);
    private static readonly Length MostWide = Length.FromMillimetres(10_000m);
    private static readonly Length LeastRepeat = Length.FromMillimetres(2m);
    private static readonly Length MostRepeat = Length.FromMillimetres(5000m);
    private static readonly Length MostSpace = Length.FromMillimetres(100m);
    private static readonly Length MostThick = Length.FromMillimetres(30m);
    private static readonly Length MostLong = Length.FromMillimetres(200_000m);

    /// <summary>In millimetres: what lies farther off lies on no cloth.</summary>
    private const double FarthestPlace = 1e6;

    /// <summary>Reads what was said of a cloth in a job of this unit.</summary>
    public static ClothReading Read(ClothDocument input, LengthUnit unit)
    {
        var fields = new ClothFields(unit);
        var width = fields.Required(input.Width ?? input.UsableWidth, "width", "Cloth width");
        var selvage =
            ClothFields.IsSaid(input.Selvage) ? fields.Required(input.Selvage, "selvage", "Selvage")
            : input.Width is null && input.UsableWidth is not null ? Length.Zero
            : UsualSelvage(unit);
        var cloth = new ClothSpecification(
            width ?? default,
            selvage ?? default,
            fields.Choice<Nap>(input.Nap, "nap", "nap") == Nap.OneWay,
            Repeat(fields, input.Repeat?.Length, new("repeatLength", "Repeat", "repeat"))
        )
        {
            RepeatWidth = Repeat(fields, input.Repeat?.Width, new("repeatWidth", "Repeat across", "repeat-across")),
            HalfDrop = fields.Choice<RepeatMatch>(input.Repeat?.Match, "match", "match") == RepeatMatch.HalfDrop,
            MotifAcross = ClothFields.IsSaid(input.Repeat?.Motif)
                ? fields.Optional(input.Repeat?.Motif, new("motif", "Motif", "motif"), default, MostWide)
                : null,
            MatchOver = fields.Choice<MatchOver>(input.Repeat?.Over, "matchOver", "match"),
            Space = fields.Optional(input.Space, new("space", "Space between pieces", "space-between-pieces"), default, MostSpace)
                ?? default,
            CurveSpace = fields.Optional(
                input.CurveSpace,
                new("curveSpace", "Space at curves", "space-at-curves"),
                UsualCurveSpace(unit),
                MostSpace
            ) ?? default,
            ShrinkageAlong = fields.Percent(
                input.Shrinkage?.Along?.ToString(),
                new("shrinkageAlong", "Shrinkage along", "shrinkage-along"),
                30
            ),
            ShrinkageAcross = fields.Percent(
                input.Shrinkage?.Across?.ToString(),
                new("shrinkageAcross", "Shrinkage across", "shrinkage-across"),
                30
            ),
            Key = string.IsNullOrWhiteSpace(input.Key) ? null : input.Key,
            Name = string.IsNullOrWhiteSpace(input.Name) ? null : input.Name.Trim(),
            ReadyLength = ClothFields.IsSaid(input.Length)
                ? fields.Optional(input.Length, new("length", "Length of the cloth", "length-of-the-cloth"), default, MostLong)
                : null,
            Edges = ReadyMade.Edges(input, selvage ?? default, fields),
            IsPrewashed = input.Prewash?.ToString() is not { Length: > 0 } prewash
                ? null
                : fields.YesOrNo(prewash, "prewash", "washing before cutting"),
            Spare = fields.Percent(input.Spare?.ToString(), new("spare", "Spare", "spare"), 100),
            QuarterTurns = fields.Choice<Grain>(input.Grain, "grain", "grain") == Grain.Either,
            OnFold = fields.Choice<ClothLayers>(input.Layers, "layers", "way to lay it") == ClothLayers.Fold,
            Role = fields.Choice<ClothRole>(input.Role, "role", "role"),
            Traits = [.. Traits(input, fields)],
            Thickness = ClothFields.IsSaid(input.Thickness)
                ? fields.Optional(input.Thickness, new("thickness", "Thickness of the cloth", "thickness-of-the-cloth"), default, MostThick)
                : null,
            Pinned = Places(input.Pinned),
            Kept = Places(input.Kept),
        };
        Widths(cloth, width, selvage, fields);
        Pattern(cloth, fields);
        cloth = cloth with { Face = FaceReader.Read(input.Face, cloth, fields) };
        if (!fields.Checks.HasError())
        {
            cloth = cloth with
            {
                Flaws = [.. Flaws(input, cloth, fields)],
                Remnants = [.. Remnants(input, fields)],
                SoldIn = [.. SoldIn(input, cloth, fields)],
            };
        }

        var price = fields.Price(input.Price?.ToString()) ?? cloth.SoldIn.FirstOrDefault(sold => sold.Width.Width == cloth.Width)?.Price;
        return new(fields.Checks.HasError() ? null : cloth, price, fields.Checks);
    }

    /// <summary>What pieces can lie on, said or worked out from the width; null where neither is possible.</summary>
    /// <param name="input">The cloth.</param>
    /// <param name="unit">The unit of a bare number.</param>
    public static Entry? Usable(ClothDocument input, LengthUnit unit) =>
        input.UsableWidth
        ?? (
            input.Width is not null && Read(input, unit).Cloth is { } cloth
                ? Entry.Number((decimal)cloth.UsableWidth.Nanometres / Length.NanometresPerMillimetre)
                : null
        );

    /// <summary>Half an inch or 12 mm.</summary>
    public static Length UsualSelvage(LengthUnit unit) => unit.IsImperial() ? Length.FromInches(0, 1, 2) : Length.FromMillimetres(12m);

    /// <summary>An eighth of an inch or 3 mm.</summary>
    public static Length UsualCurveSpace(LengthUnit unit) => unit.IsImperial() ? Length.FromInches(0, 1, 8) : Length.FromMillimetres(3m);

    /// <summary>A repeat; zero where none is said.</summary>
    private static Length Repeat(ClothFields fields, Entry? said, ClothField field)
    {
        var repeat = fields.Optional(said, field, default, MostRepeat) ?? default;
        if (repeat.IsPositive && repeat < LeastRepeat)
        {
            fields.Error("repeat-too-small", BuyingText.RepeatTooSmall(field.Label), field.Name);
        }

        return repeat;
    }

    private static IEnumerable<ClothTrait> Traits(ClothDocument input, ClothFields fields)
    {
        foreach (var word in (input.Traits ?? []).Where(word => word is not null).Distinct())
        {
            if (Words.Read<ClothTrait>(word) is { } trait)
            {
                yield return trait;
            }
            else
            {
                fields.Error("unknown-trait", BuyingText.UnknownTrait(word, string.Join(", ", Words.All<ClothTrait>())), "traits");
            }
        }
    }

    private static void Widths(ClothSpecification cloth, Length? width, Length? selvage, ClothFields fields)
    {
        if (width is { } across && (across < LeastUsable || across > MostWide))
        {
            fields.Error("cloth-width-out-of-range", BuyingText.ClothWidthOutOfRange, "width");
        }
        else if (width is not null && selvage is { } side && (side.IsNegative || cloth.UsableWidth < LeastUsable))
        {
            fields.Error("selvage-out-of-range", BuyingText.SelvageOutOfRange, "selvage");
        }
    }

    private static void Pattern(ClothSpecification cloth, ClothFields fields)
    {
        if (cloth.HalfDrop && !cloth.RepeatLength.IsPositive)
        {
            fields.Error("half-drop-without-repeats", CommonText.HalfDropWithoutRepeats, "repeatLength");
        }
        else if (cloth.HalfDrop && !cloth.RepeatWidth.IsPositive)
        {
            fields.Error("half-drop-without-repeats", BuyingText.HalfDropWithoutRepeatAcross, "repeatWidth");
        }

        if (cloth.MotifAcross is { } motif && !cloth.RepeatWidth.IsPositive)
        {
            fields.Error("motif-without-repeat", BuyingText.MotifWithoutRepeat, "repeatWidth");
        }
        else if (cloth.MotifAcross is { } place && (place < cloth.Selvage || place > cloth.Width - cloth.Selvage))
        {
            fields.Error("motif-out-of-range", BuyingText.MotifOutOfRange, "motif");
        }
    }

    /// <summary>The widths it is sold in, each once, called as they were written.</summary>
    private static IEnumerable<SoldWidth> SoldIn(ClothDocument input, ClothSpecification cloth, ClothFields fields)
    {
        var known = new HashSet<Length>();
        foreach (
            var (i, sold) in (input.SoldIn ?? [])
                .Index()
                .Where(entry => entry.Item is { } said && (ClothFields.IsSaid(said.Width) || ClothFields.IsSaid(said.Price)))
        )
        {
            var field = $"soldIn.{i}";
            var price = fields.Price(sold.Price?.ToString(), field);
            if (!ClothFields.IsSaid(sold.Width))
            {
                fields.Say(Check.Warning("sold-width-unfinished", BuyingText.SoldWidthUnfinished(i + 1), $"cloth.{field}"));
            }
            else if (fields.Optional(sold.Width, new(field, "Width it is sold in", "width-it-is-sold-in"), default, MostWide) is { } width)
            {
                if (cloth.AtWidth(width).UsableWidth < LeastUsable)
                {
                    fields.Error("cloth-width-out-of-range", BuyingText.ClothWidthOutOfRange, field);
                }
                else if (known.Add(width))
                {
                    yield return new(new(fields.Written(sold.Width!.Value), width), price);
                }
            }
        }
    }

    private static IEnumerable<Flaw> Flaws(ClothDocument input, ClothSpecification cloth, ClothFields fields)
    {
        foreach (
            var (i, flaw) in (input.Flaws ?? [])
                .Index()
                .Where(entry => entry.Item is { } said && new[] { said.From, said.To, said.Left, said.Right }.Any(ClothFields.IsSaid))
        )
        {
            var field = $"flaws.{i}";
            if (!ClothFields.IsSaid(flaw.From) || !ClothFields.IsSaid(flaw.To))
            {
                fields.Say(Check.Warning("flaw-unfinished", BuyingText.FlawUnfinished(i + 1), $"cloth.{field}"));
                continue;
            }

            var from = fields.Optional(flaw.From, new(field, "Flaw", "flaw"), default, MostLong);
            var to = fields.Optional(flaw.To, new(field, "Flaw", "flaw"), default, MostLong);
            var left = fields.Optional(flaw.Left, new(field, "Flaw", "flaw"), default, cloth.Width);
            var right = fields.Optional(flaw.Right, new(field, "Flaw", "flaw"), cloth.Width, cloth.Width);
            if (from is null || to is null || left is null || right is null)
            {
                continue;
            }

            if (to <= from || right <= left)
            {
                fields.Error("flaw-out-of-range", BuyingText.FlawOutOfRange(i + 1), field);
                continue;
            }

            var (inner, outer) = (
                Length.Max(Length.Zero, left.Value - cloth.Selvage),
                Length.Min(cloth.UsableWidth, right.Value - cloth.Selvage)
            );
            if (outer > inner)
            {
                yield return new(from.Value, to.Value, inner, outer); // what is only in the selvage is cut off with it
            }
        }
    }

    private static IEnumerable<Remnant> Remnants(ClothDocument input, ClothFields fields)
    {
        var names = new HashSet<string>();
        foreach (
            var (i, remnant) in (input.Remnants ?? [])
                .Index()
                .Where(entry => entry.Item is { } said && (ClothFields.IsSaid(said.Width) || ClothFields.IsSaid(said.Length)))
        )
        {
            var field = $"remnants.{i}";
            if (!ClothFields.IsSaid(remnant.Width) || !ClothFields.IsSaid(remnant.Length))
            {
                fields.Say(Check.Warning("remnant-unfinished", BuyingText.RemnantUnfinished(i + 1), $"cloth.{field}"));
                continue;
            }

            var width = fields.Optional(remnant.Width, new(field, "Remnant", "remnant"), default, MostWide);
            var length = fields.Optional(remnant.Length, new(field, "Remnant", "remnant"), default, MostLong);
            if (width is { IsPositive: true } across && length is { IsPositive: true } along)
            {
                var name = (remnant.Name ?? remnant.Id)?.Trim() is { Length: > 0 } said ? said : $"remnant {i + 1}";
                yield return new(names.Add(name) ? name : $"{name} ({i + 1})", across, along);
            }
            else if (width is not null && length is not null)
            {
                fields.Error("remnant-out-of-range", BuyingText.RemnantOutOfRange(i + 1), field);
            }
        }
    }

    /// <summary>Places that can be on a cloth at all; the others are as good as unsaid.</summary>
    private static IReadOnlyList<Placement> Places(List<PlaceDocument>? places) =>
        [
            .. (places ?? [])
                .Where(place => place?.Piece is { Length: > 0 } && Math.Abs(place.X) < FarthestPlace && Math.Abs(place.Y) < FarthestPlace)
                .Select(place => new Placement(
                    place.Piece,
                    place.Copy,
                    place.Turn,
                    Length.FromMillimetres(place.X),
                    Length.FromMillimetres(place.Y),
                    place.Remnant
                )),
        ];
}
