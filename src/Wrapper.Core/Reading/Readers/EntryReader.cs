using Wrapper.Core.English;
using Wrapper.Core.Units;

namespace Wrapper.Core.Reading.Readers;

/// <summary>Reads an entry: a number as millimetres, a text as anything the measure field accepts.</summary>
public static class EntryReader
{
    private const decimal LongestNumber = 1e9m;

    /// <summary>The length, or what could not be read. Never throws for what a person or a program sent.</summary>
    public static LengthReading Read(Entry entry, LengthUnit bareUnit) =>
        entry switch
        {
            { Text: { } text } => LengthReader.Read(text, bareUnit),
            { Millimetres: { } number } when Math.Abs(number) < LongestNumber => LengthReading.Of(Length.FromMillimetres(number)),
            _ => LengthReading.Failed(0, ReadingText.ThisIsNotANumber),
        };
}
