namespace Wrapper.Core.English.Workroom;

/// <summary>What is said of each operation at the machine: one sentence.</summary>
internal static class SewingText
{
    internal static string ApplyPiping(string piece) =>
        $"Sew piping round the right side of the {piece}, raw edge to raw edge; snip its allowance at every corner and curve.";

    internal static string Buttons(int count, string apart) =>
        $"Sew on {count} buttons, {apart} apart, matched by laying one edge against the other.";

    internal static string Snaps(int count) => $"Set {count} snaps, matched by laying one edge against the other.";

    internal static string Pins => "Put in the pins that hold the flap.";

    internal static string CasingForElastic => "Turn the edge up for a casing and sew it, leaving the threading gap.";

    internal static string CasingForCord => "Turn the edge up for a casing and sew it, leaving a gap for the two tails.";

    internal static string OverlockOverCord => "Overlock the raw edge over the cord without catching it.";

    internal static string CloseGap(string gap) => $"Close the gap of {gap} by hand with a ladder stitch.";

    internal static string CloseGapIn(string seam, string gap) =>
        $"Close the {seam} by hand with a ladder stitch, {gap} long: it is unpicked there when the cover comes off.";

    internal static string SeamBetween(string one, string other) => $"seam between the {one} and the {other}";

    internal static string CloseSeam(string where) =>
        $"Close the {where} by hand with a ladder stitch: it is the seam to unpick when the cover comes off.";

    internal static string CornerAcross(string where, string length) =>
        $"Open the {where} until seam lies on seam and sew straight across where the line is {length} long.";

    internal static string CornerOfNotch(string where) => $"Open the notch {where}: lay its cut edges on each other and sew across.";

    internal static string Dart(string where) => $"Sew the dart {where} from its point to the raw edge.";

    internal static string Pleat(string where) => $"Lay the {where} corner in its pleat on the marked line and tack it.";

    internal static string EdgeStitchGap => "Press the edge and stitch round it close to the edge: that closes the gap too.";

    internal static string EdgeStitchMedallion =>
        "Turn the medallion through the slit, press it, lay it on its mark and stitch round close to its edge.";

    internal static string Fill => "Put the filling in, the softest on top and into the corners.";

    internal static string FinishAll(string piece) => $"Finish all raw edges of the {piece}.";

    internal static string FinishHemmed => "Its edges are hemmed: there is nothing to finish.";

    internal static string FinishSeam => "Finish the raw edges of that seam.";

    internal static string HemFlat(string piece) => $"Hem the open edge of the {piece} while it is flat.";

    internal static string HemRound => "Turn the hem twice and sew it all round.";

    internal static string HemRolled(string piece) => $"Turn a roll hem along the sides and the closed end of the {piece}.";

    internal static string HemReturn(string piece) => $"Hem the return of the {piece} with its two short ends, by itself.";

    internal static string HemSkirt => "Hem the skirt all round at the length it was tried on at.";

    internal static string Join(string one, string other) => $"Join the {one} to the {other}.";

    internal static string Label(int count, string piece) =>
        $"Baste {(count == 1 ? "the label" : $"{count} labels")} to the right side of the {piece}, raw edge to raw edge, "
        + $"clear of corners and gap: the next seam holds {(count == 1 ? "it" : "them")}.";

    internal static string PressJoins(bool joins, bool darts) =>
        joins && darts ? "Press the joins open and the darts to one side."
        : joins ? "Press the joins open."
        : "Press the darts to one side.";

    internal static string PressBothSeams => "Press both seams of the strip open before another seam crosses them.";

    internal static string PressSeam => "Press it open before another seam crosses it.";

    internal static string NeedsIron => "iron";

    internal static string NeedsStretchNeedle => "stretch needle";

    internal static string NeedsStrongNeedle => "strong needle and a long stitch";

    internal static string NeedsFineNeedle => "fine needle";

    internal static string NeedsOutdoorThread => "thread that bears sun";

    internal static string NeedsWalkingFoot => "walking foot";

    internal static string BasteFirst => "Baste it first: this cloth slides on itself.";

    internal static string PressFolds => "Press each fold before you sew it.";

    internal static string ClipBeforeTurning =>
        "Before that, clip straight across the outer corners and notch curves that turn outwards, to a thread from the stitches.";

    internal static string TryTheIron => "From the wrong side, with a heat that was tried on a scrap; a pile is steamed, not pressed.";

    internal static string JoinToRing(string piece) => $"Join the two ends of the {piece}.";

    internal static string Loops(int count, string length) => $"Sew {count} loops of {length} to one edge.";

    internal static string MakePiping(string length) => $"Join the casing strips and cover the cord, altogether {length}.";

    internal static string Mark(string piece, string marks) =>
        marks.Length == 0 ? $"Mark the name and the top on the {piece}." : $"Mark the {piece}: {marks}.";

    internal static string PinBlocks => "Pin the blocks on the thing, wrong side out, smooth from the middle.";

    internal static string TrimBlocks => "Chalk along the pins, take the blocks off, snip notches across every seam and trim to the seam.";

    internal static string SeamsOfBlocks(bool finishesEach) =>
        "Sew the blocks together from the middle outwards, each seam that another crosses "
        + $"first{(finishesEach ? ", finished and pressed before it is crossed" : "")}.";

    internal static string Pocket(string where) =>
        $"Fold the lap {where} out and back over the zip’s end and pin it down, so that it hides the slide.";

    internal static string SeamRound(string strip, string plate, string where, bool isRound) =>
        $"Pin the {strip} to the {plate}, notch to {(isRound ? "notch" : "corner")}, and sew{where}.";

    internal static string SeamOf(string one, string other, string where) => $"Sew the {one} to the {other}, right sides together{where}.";

    internal static string SeamOfOne(string piece, string where) => $"Fold the {piece} right sides together and sew{where}.";

    internal static string SeamOfCorner(string one, string other, string where) =>
        $"Sew the {one} to the {other}, upper edges level: the {where}.";

    internal static string SeamOfHalf(string where) =>
        $"Sew the {where} from the top half of the way down: it is tried on with that corner open.";

    internal static string SeamRest(string where) => $"Sew the rest of the {where}.";

    internal static string SeamOfLayers =>
        "Put one layer into the other, right sides together, and sew round the lower edge but for the gap.";

    internal static string Where(string where) => where.Length == 0 ? "" : $": {where}";

    internal static string SkirtOn => "Gather or pleat the skirt to the lower edge, mark to mark, and sew.";

    internal static string Straps(int count, string length) => $"Sew in {count} straps of {length}, one end at each side.";

    internal static string StretchElastic => "Mark elastic and edge in quarters, and sew the elastic on stretched.";

    internal static string Tape(string where) => $"Sew the tape on the {where}, loop on the over-flap and hook on the under-flap.";

    internal static string TapeUnderBase => "Sew the loop tape inside the hem; fix the hook tape to the base between the legs.";

    internal static string ThreadCord => "Draw the cord through and put its stop on.";

    internal static string ThreadElastic => "Draw the elastic through, lap and sew its ends, and close the gap.";

    internal static string Ties(int count, string length) => $"Sew in {count} ties of {length}.";

    internal static string Trim(string corner) => $"Trim the opened {corner} to the seam’s width and finish it.";

    internal static string OnPiece(string where, string piece) => $"{where} of the {piece}";

    internal static string TryOn => "Try it on the thing.";

    internal static string TryOnInsideOut => "Try it on inside out and pin what is wide.";

    internal static string Turn => "Turn it right side out and push out the corners.";

    internal static string ZipFolds(string turning) =>
        $"Press {turning} to the wrong side along both edges and lay the two folds together over the teeth.";

    internal static string ZipBothSides => "Sew both sides from the same end. Move the slide past the foot with the needle down.";

    internal static string ZipInTheGroove => "Open the zip, roll its coil flat and sew each side in the groove beside the teeth.";

    internal static string Zip(string where) =>
        where.Length == 0
            ? "Sew the zip in while its edges are flat."
            : $"Sew the zip between the edges of the {where} while they are flat.";

    internal static string StripOf(bool isUpper, string strip) => $"{(isUpper ? "upper" : "lower")} {strip}";

    /// <summary>The side at the right is not the right side of the cloth.</summary>
    internal static string AtPlace(string place, string what) =>
        what == "side" && (place is "left" or "right") ? $"{place}-hand {what}" : $"{place} {what}";

    internal static string PartOf(string what, int part) => $"{what} part {part}";

    internal static string DropOf(string drop, string face) => $"{drop} of the {face}";

    internal static string Several(string kind) => $"{kind}s";

    internal static string CornerCalled(string corner) => $"{corner} corner";

    internal static string ClosedEnd => "closed end";

    internal static string Opening => "opening";

    internal static string CornerAfter(string side) => $"corner after the {side} side";

    internal static string ZipStrips => "upper and the lower zip boxing";

    internal static string NeedsPipingFoot => "piping foot";

    internal static string NeedsZipFoot => "zip foot";

    internal static string NeedsHandNeedle => "hand needle";

    internal static string LayPipingIn =>
        "Lay the piping between them, raw edge to raw edge, and snip its allowance at every corner and curve.";

    internal static string BeginPiping =>
        "Begin at a corner or the middle of the back; leave a hand’s width loose at both ends. Where they "
        + "meet, open the casing, cut the cord so that its ends butt, fold one end of the casing under and lay "
        + "it over the other; baste that join before you sew across it.";

    internal static string BeginPipingAtEnd => "Let the piping run out into the seam that crosses each end, its cord cut back to the line.";

    internal static string SnipFirst(string what, bool isImperial) =>
        $"Snip the allowance of the {what} first, every {(isImperial ? "½ in" : "12 mm")} and almost "
        + "to the line, so that it lies round the curve.";

    internal static string EaseIn(string what, string by) => $"Ease {by} of the {what} in evenly.";

    internal static string BothAtCorners => "Begin and stop where the stitch lines meet, not at the raw edge.";

    internal static string BeginAtCorner => "Begin where the stitch lines meet; go on to the raw edge at the other end.";

    internal static string StopAtCorner => "Begin at the raw edge; stop where the stitch lines meet.";

    internal static string LeaveOpen(string gap) => $"Leave {gap} open between its marks; fasten off at both.";

    internal static string FigureFromEdge => "from the edge";

    internal static string FigureInsideHems => "inside the hemmed edges";

    internal static string FigureFromFolds => "from the folds";

    internal static string FigureFromEachFold => "from each fold";

    internal static string FigureOtherLayer(string of, string other) => $"{of}; on the other layer {other}";

    internal static string FigureAlong(string of, string place, string widths) => $"{of}; {place}: {widths}";

    internal static string Both(string one, string other) => $"{one} and {other}";

    internal static string FlapFoldsIn(string flap) =>
        $"Its flap of {flap} is folded over the front on its line when both lie right sides together: the sides catch it.";

    internal static string GradePiped =>
        "Afterwards trim the layers of its allowance in steps, the piping’s own the shortest, so that no ridge shows.";

    internal static string StitchShut(string from) => $"Where the opening is shut lay fold on fold and stitch {from} from the folds.";

    internal static string FigureLongLine => "long is the line that is sewn";

    internal static string FigureTurned => "of the edge are turned";

    internal static string FigureOfCord => "of piping";

    internal static string FigureOfThread(string what) => $"of {what}";

    internal static string FigureButtons => "buttons";

    internal static string FigureSnaps => "snaps";

    internal static string FigureByHand => "by hand";

    internal static string StopOf(string stop) =>
        stop switch
        {
            "open-zip" => "Open the closure first, or the cover cannot be turned.",
            "slide-inside" => "Keep the slide inside before the zip’s ends are cut.",
            "try-before-trimming" => "Try before trimming: a trimmed corner cannot be let out.",
            "fit-before-elastic" => "Fit before elastic or cord goes in.",
            "other-layer-away" => "See that the other layer lies out of the way.",
            "facing-slit" => "Slit the facing only: the good face lies right under it.",
            "piping-raw-to-raw" => "Piping lies raw edge to raw edge, and never begins in the middle of the front.",
            "ring-not-twisted" => "See that the ring is not twisted before it is closed.",
            _ => "See that the elastic is not twisted and its tail is pinned.",
        };

    internal static string MarkWord(string kind, int count) =>
        kind switch
        {
            "notch" => count == 1 ? "a notch" : $"{count} notches",
            "fold" => count == 1 ? "a fold line" : $"{count} fold lines",
            "corner-line" => "the corner lines",
            "dart" => "the dart squares",
            "zip-stop" => "the zip stops",
            "top" => "the top",
            "drill-point" => count == 1 ? "a drill point" : $"{count} drill points",
            "gap-end" => "the ends of the gap",
            "unpick-point" => "the point to unpick",
            _ => "the match points",
        };

    internal static string FittedFromEdge(string place, string distance, string pieces) =>
        $"Since the try-on, {place}: {distance} from the raw edge of the {pieces}.";

    internal static string FigureFromEdgeAt(string place, string others) => $"from the edge, {place}; elsewhere {others}";

    internal static string RunningTo(string from, string to) => $"{from} running to {to}";
}
