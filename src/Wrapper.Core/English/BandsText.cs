namespace Wrapper.Core.English;

/// <summary>What is said of a band between two ends.</summary>
internal static class BandsText
{
    internal static string MarkEveryAngleOfTheProfile => "Mark every angle of the profile on the band’s long edges and on the ends; clip the inward ones, snip the outward ones.";

    internal static string MarkTheEndsAndTheBands => "Mark the ends and the band’s long edges in quarters or at their corners; pin and sew each end in, clipping the band at inward angles and snipping the end at outward ones.";

    internal static string NoOpening => "Sewn shut so far from both ends the zip has no length left: make the closed ends shorter.";

    internal static string OpenItFirst(string word) =>
        $"Open the {word} first; see that the band is not twisted.";

    internal static string PinAndSewEachEnd => "Pin and sew each end to the band, angle to angle.";

    internal static string SewTheTapeAlongBothEnds => "Sew the tape along both ends of the band, one lapping over the other, and the seam shut beside it.";

    internal static string SewTheZipBetweenTheTwo => "Sew the zip between the two ends of the band, and the seam shut beside it.";
}
