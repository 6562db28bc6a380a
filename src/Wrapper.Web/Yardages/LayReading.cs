using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Yardages;

/// <summary>Reads a lay that is asked for; what cannot be read becomes a check that names it.</summary>
internal sealed class LayReading
{
    /// <summary>How long a lay is looked for at the most, in seconds.</summary>
    public const double MostSeconds = 60;

    private const int MostSteps = 100_000;
    private const double Reach = 1e6;
    private static readonly Length Longest = Core.Units.Length.FromMillimetres(1e7m);

    private readonly List<Check> _checks;

    private LayReading(List<Check> checks) => _checks = checks;

    /// <summary>The lay; null when something is in the way, which is then among the checks.</summary>
    public static LayRequest? Read(LayRequestJson request, List<Check> checks)
    {
        var lay = new LayReading(checks).Whole(request);
        return checks.Count > 0 ? null : lay;
    }

    private LayRequest Whole(LayRequestJson request)
    {
        if (request.Seconds is { } seconds && !(seconds is >= 0 and <= MostSeconds))
        {
            Say("time-out-of-range", $"Seconds are between 0 and {MostSeconds}.", "seconds");
        }

        if (request.Steps is < 0 or > MostSteps)
        {
            Say("time-out-of-range", $"Steps are between 0 and {MostSteps}.", "steps");
        }

        var cloth = request.Cloth?.Migrate();
        var repeat = cloth?.Repeat;
        Choice<Nap>(cloth?.Nap, "nap");
        Choice<RepeatMatch>(repeat?.Match, "match");
        return new()
        {
            UsableWidth = Required(cloth is null ? null : ClothReader.Usable(cloth, LengthUnit.Millimetre), "usableWidth"),
            OneWay = Words.Read<Nap>(cloth?.Nap) == Nap.OneWay,
            RepeatLength = Length(repeat?.Length, "repeat") ?? default,
            RepeatWidth = Length(repeat?.Width, "repeat across") ?? default,
            HalfDrop = Words.Read<RepeatMatch>(repeat?.Match) == RepeatMatch.HalfDrop,
            MotifAcross = Length(repeat?.Motif, "motif"),
            Space = Length(cloth?.Space, "space") ?? default,
            CurveSpace = Length(cloth?.CurveSpace, "curveSpace") ?? default,
            Flaws = [.. (cloth?.Flaws ?? []).Select((flaw, i) => Flaw(flaw, $"flaw {i + 1}"))],
            Remnants =
            [
                .. (cloth?.Remnants ?? []).Select(
                    (remnant, i) => Remnant(remnant, (remnant?.Id ?? remnant?.Name) is { Length: > 0 } id ? id : $"remnant {i + 1}")
                ),
            ],
            Pinned = [.. (request.Pinned ?? []).Select(Pin).OfType<Placement>()],
            Pieces = [.. (request.Pieces ?? []).Select((piece, i) => Piece(piece, i))],
        };
    }

    private void Say(string code, string text, string about) => _checks.Add(Check.Error(code, text, about));

    private void Choice<T>(string? said, string name)
        where T : struct, Enum
    {
        if (said is not null && Words.Read<T>(said) is null)
        {
            Say("unknown-choice", $"“{said}” is no {name}: choose {string.Join(" or ", Words.All<T>())}.", name);
        }
    }

    private Length Required(Entry? entry, string name)
    {
        if (entry is null)
        {
            Say("measure-missing", $"“{name}” is not said.", name);
        }

        return Length(entry, name) ?? default;
    }

    private Length? Length(Entry? entry, string name)
    {
        if (entry is not { } said)
        {
            return null;
        }

        var reading = EntryReader.Read(said, LengthUnit.Millimetre);
        if (reading.Length is { } length && length.Abs() < Longest)
        {
            return length;
        }

        Say("unreadable", $"“{name}”: {reading.Problem ?? "this is longer than any cloth."}", name);
        return null;
    }

    private Flaw Flaw(FlawDocument? flaw, string name) =>
        new(
            Required(flaw?.From, $"{name}, from"),
            Required(flaw?.To, $"{name}, to"),
            Length(flaw?.Left, $"{name}, left"),
            Length(flaw?.Right, $"{name}, right")
        );

    private Remnant Remnant(RemnantDocument? remnant, string name) =>
        new(name, Required(remnant?.Width, $"{name}, width"), Required(remnant?.Length, $"{name}, length"));

    private Placement? Pin(PinJson? pin)
    {
        if (pin is { Piece: { } piece, X: { } x, Y: { } y } && Math.Abs(x) < Reach && Math.Abs(y) < Reach)
        {
            return new(piece, pin.Copy ?? 1, pin.Turn ?? 0, Core.Units.Length.FromMillimetres(x), Core.Units.Length.FromMillimetres(y));
        }

        Say(
            "pinned-unreadable",
            $"“{pin?.Piece}” is pinned and its place cannot be read: say the piece, x and y in millimetres.",
            pin?.Piece ?? "pinned"
        );
        return null;
    }

    private LayPiece Piece(LayPieceJson? piece, int index)
    {
        var id = string.IsNullOrEmpty(piece?.Id) ? $"piece {index + 1}" : piece.Id;
        var corners = new List<Point>();
        foreach (var corner in piece?.Outline ?? [])
        {
            if (corner is not { Length: 2 } || corner.Any(number => !double.IsFinite(number) || Math.Abs(number) > Reach))
            {
                Say("outline-out-of-range", $"Piece “{id}”: every corner is a pair of millimetres up to a million.", id);
                break;
            }

            corners.Add(new(Core.Units.Length.FromMillimetres(corner[0]), Core.Units.Length.FromMillimetres(corner[1])));
        }

        return new(id, piece?.Quantity ?? 1, corners, piece?.Turns ?? [0, 180], Match(piece, id), piece?.OnFold == true);
    }

    private LayMatch? Match(LayPieceJson? piece, string id)
    {
        var (said, along) = (piece?.Match, piece?.Match?.Y ?? piece?.MatchLine);
        if (said is null && along is null)
        {
            return null;
        }

        if (!(Math.Abs(along ?? 0) < Reach && Math.Abs(said?.X ?? 0) < Reach))
        {
            Say("outline-out-of-range", $"Piece “{id}”: where it meets the pattern is out of range.", id);
            return null;
        }

        return new(
            said?.Group ?? "",
            Core.Units.Length.FromMillimetres(along ?? 0),
            said?.X is { } across ? Core.Units.Length.FromMillimetres(across) : null
        );
    }
}
