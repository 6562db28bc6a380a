namespace Wrapper.Core.English.Judgement;

/// <summary>What can hurt someone, and whose rules decide. None says that a rule is kept.</summary>
internal static class CautionText
{
    internal static string Fire =>
        "Furniture and bedding fire rules differ by country: covers, fillings and interliners may need rated "
        + "cloth, backing and a label. Check your local rules and ask the supplier for the certificate; cleaning can remove a treatment.";

    internal static string Infants =>
        "If a child sleeps or lies on it: the cover has to fit tight, with elastic all round and nothing "
        + "loose, no cords, ribbons or buttons within reach. Follow local safe-sleep advice, and never leave a child on a raised pad.";

    internal static string InfantsUnder =>
        "If it is for an infant: loose covers, cords, ribbons and buttons do not belong where it sleeps. Follow local safe-sleep advice.";

    internal static string Cords => "A cord with a loop is a danger to small children: keep its tails short and tucked away.";

    internal static string HotWork =>
        "Under an iron only layers that stand heat: cotton, wool, a reflective cloth. Polyester melts. Let it cool before it is put away.";

    internal static string Heavy =>
        "Heavy furniture is moved by two, its legs numbered and off first. Structural or antique work is for licensed practice.";

    internal static string Elastic => "Mind your eyes and fingers: needles break at elastic.";

    internal static string Staples => "Staples and tacks: mind eyes and fingers. Two turn it over.";

    internal static string Filling =>
        "Foam dust and old stuffing are not for breathing: wear a mask, and leave old stuffing of unknown "
        + "make to a professional. Check your local fire rules for the filling.";
}
