namespace Wrapper.Core.English;

/// <summary>What is said of what people typed, where it could not be read.</summary>
internal static class ReadingText
{
    internal static string NumberRuleOutOfRange(string capitalised, string entry, decimal least, decimal most) =>
        FormattableString.Invariant($"{capitalised}: “{entry}” cannot be; it is a number from {least:0.##} to {most:0.##}.");

    internal static string ChoiceNotForThis(string withArticle, string construction, string choice, string spoken, string known) =>
        $"{withArticle} made as {construction} cannot have the {choice} “{spoken}”: choose {known}.";

    internal static string ClothWidthOutOfRange => "The usable width of the cloth has to be between 100 mm and 20 m.";

    internal static string CorrectionOutOfRange(string by) => $"A correction of {by} is no correction but another measure: measure again.";

    internal static string CountOutOfRange(int mostAlike) => $"How many alike has to be a whole number from 1 to {mostAlike}.";

    internal static string ZoneCountOutOfRange(string name) => $"{name}: how many there are has to be a whole number from 1 to 100.";

    internal static string ListTooLong(int count, string list, int mostEntries) =>
        $"There are {count} entries under {list}: at most {mostEntries} can be drafted.";

    internal static string MeasureHuge(string label) => $"{label} is over 20 m: check the unit that was meant.";

    internal static string MeasureOver20Metres(string measure) => $"{measure} is over 20 m: check the unit that was meant.";

    internal static string MeasureMissing(string measure) => $"{measure} is not taken yet.";

    internal static string MeasureNegative(string measure, string length) =>
        $"{measure} is below 0 ({length}): a measure cannot be negative.";

    internal static string MeasureZero(string label) => $"{label} has to be more than nothing.";

    internal static string MeasureIsZero(string measure) => $"{measure} is 0: measure it again, it has to be more than nothing.";

    internal static string PrintProblem(string? problem) => $"Place of the print: {problem ?? "it is led at most 20 m."}";

    internal static string ToCentrePrint => "Centre it";

    internal static string MedallionProblem(string? problem) => $"Medallion: {problem ?? "its diameter has to be more than nothing."}";

    internal static string OptionWithoutEffect(string name) => $"The choice “{name}” changes nothing on this make-up.";

    internal static string PaddingOutOfRange => "A layer of padding is between 0 and 300 mm thick.";

    internal static string PaddingLayersOutOfRange => "Padding lies in 1 to 20 whole layers.";

    internal static string RuleOutOfRange(string label, string length, string least, string most) =>
        $"{label} of {length} cannot be: it goes from {least} to {most}.";

    internal static string ShrinkageOutOfRange(string text) =>
        $"“{text}” is no shrinkage: say a part of one from 0 to 0.5, or per cent as in 5%.";

    internal static string StationOutOfRange(int i) => $"Station {i}: it lies at or behind the front, and its width is more than nothing.";

    internal static string ThisIsNotANumber => "this is not a number that can be a length.";

    internal static string ToKeepFirstOnly(string first) => $"Keep {first} only";

    internal static string ToKeepSecondOnly(string second) => $"Keep {second} only";

    internal static string ToTheCoversOwnCloth => "Cut it from the cover’s own cloth";

    internal static string UnknownCloth(string key, string known) =>
        $"There is no cloth “{key}” to cut this cover from: choose one of {known}.";

    internal static string UnknownClothOfRole(string key, string role, string? known) =>
        $"The cloth “{key}” given to {role.Replace('-', ' ')} is not among the cloths: give it "
        + $"{(known is null ? "one that is there" : $"one of {known}")}, or the cover’s own.";

    internal static string UnknownClothOfStrip(string key, string role, int number) =>
        $"Strip {number} of the {role} is cut from the cloth “{key}”, which is not among the cloths: give it one that is there.";

    internal static string CannotBePieced(string role) =>
        $"“{role.Replace('-', ' ')}” is not joined from strips: piece a face, a plate, a wall, a band or another part that is cut whole.";

    internal static string ToLeaveItWhole => "Leave it whole";

    internal static string UnknownRun(string run) => $"Strips run “along” or “across” the piece, not “{run}”.";

    internal static string PiecedCount(string role, int count, int most) =>
        count < 2
            ? $"The {role} is joined from {(count == 1 ? "one strip" : "no strips")}: give it two or more, or leave it whole."
            : $"The {role} is joined from {count} strips: at most {most} can be drafted.";

    internal static string WidthOfStrip(string role, int number) => $"Strip {number} of the {role}, width";

    internal static string SheetNotPieced => "A ready sheet is the back as it comes and is not joined from strips: leave one of the two.";

    internal static string ToTakeSpoken(string spoken) => $"Take {spoken}";

    internal static string ToMeant(string meant) => $"You meant {meant}";

    internal static string TooManyPoints(int count, int mostPoints) =>
        $"An outline of {count} points is more than can be sewn: give at most {mostPoints}, and curves by their rise.";

    internal static string TwoReadingsDisagree(string label, string difference, string first, string second, string use) =>
        $"Two readings of the {label} differ by {difference} ({first} and {second}): measure once more. The {use} is used.";

    internal static string UnknownChoice(string word, string choice, string known) =>
        $"“{word}” is no choice for {choice}: choose {known}.";

    internal static string UnknownEdge(string name, string edge, string known) => $"{name}: “{edge}” is no edge of a part: choose {known}.";

    internal static string UnknownNap(string nap) => $"“{nap}” is no nap: choose either or one-way.";

    internal static string UnknownCorrectionSide(string? side, string known) =>
        $"“{side}” is no side to take in or let out: choose {known}.";

    internal static string UnknownMeasuredFrom(string? measuredFrom) =>
        $"“{measuredFrom}” is nothing to measure from: choose filling, padded-filling, space or old-cover.";

    internal static string UnknownObstacleSide(int i, string? side, string known) => $"Obstacle {i}: “{side}” is no side: choose {known}.";

    internal static string UnknownUseOfTwoReadings(string label, string use) =>
        $"Of two readings of the {label} the larger, the smaller or the mean can hold, not “{use}”.";

    internal static string UnknownPaddingLie(string? how) =>
        $"Padding cannot lie “{how}”: choose top, top-and-bottom, front-wrap, all-over, over-edges, wound-width or wound-depth.";

    internal static string UnknownPrewash(string entry) => $"Prewash is true or false, not “{entry}”.";

    internal static string UnknownConstruction(string withArticle, string shape, string construction, string known) =>
        $"{withArticle} of this shape ({shape}) cannot be made as “{construction}”. There are: {known}.";

    internal static string UnknownForm(string? form, string known) => $"“{form}” is not a form that can be drafted. There are: {known}.";

    internal static string UnknownMeasure(string name, string known) => $"“{name}” is not a measure of this shape. It has: {known}.";

    internal static string UnknownOption(string name, string known) => $"There is no choice “{name}”. There are: {known}.";

    internal static string UnknownRule(string name, string known) => $"There is no rule “{name}”. There are: {known}.";

    internal static string UnknownShape(string withArticle, string? shape, string known) =>
        $"{withArticle} cannot be drafted in the shape “{shape}”. There are: {known}.";

    internal static string UnknownUnit(string unit) => $"“{unit}” is not a unit for a job: use in, cm or mm.";

    internal static string UnlikelyMeasure(string measure, string length, string article) =>
        $"{measure} reads {length}, which is unusual for {article}: check that it is not in another unit.";

    internal static string UnknownSchool(string name, string word, string words) =>
        $"“{word}” is no way of the school “{name}”. There are: {words}.";

    internal static string UnknownSchoolName(string name) => $"There is no school “{name}”. There are: piping, ring, walls, finish, creep.";

    internal static string ToSchool(string word) => $"Choose “{word}”";

    internal static string ZipShareOutOfRange(string text) =>
        $"“{text}” is no part of the way round for a zip: say a number between 0 and 1, usually 0.5.";

    internal static string TooManyEntries(string list, int most) => $"No more than {most} entries are read in “{list}”.";

    internal static string BlockSeamUnknown(string known) => $"A seam of blocks names two blocks and an edge of each: choose {known}.";

    internal static string TrimmedAcross(string block, int point) => $"{block}, point {point}, across";

    internal static string TrimmedAlong(string block, int point) => $"{block}, point {point}, along";

    internal static string TrimmedBegins(string block) => $"{block}: say which edge begins at its first point.";

    internal static string TrimmedTooFew(string block) => $"{block}: a trimmed piece has three corners or more.";

    internal static string TrimmedTwice(string block) => $"{block}: each edge is said once; the points along it follow without a name.";

    internal static string TrimmedOtherWay(string block) =>
        $"{block}: go round it the other way, from the lower left corner along the lower edge.";

    internal static string TrimmedCrosses(string block) => $"{block}: its edges cross one another; read its points once more.";
}
