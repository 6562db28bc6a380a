namespace Wrapper.Web.Planning;

/// <summary>How long somebody means to wait for what is planned.</summary>
public enum PlannerKind
{
    /// <summary>For an answer to a keystroke: goes first, and is over before anybody would have to give way to it.</summary>
    Quick,

    /// <summary>For a better lay: takes turns with the others, and gives way to everything that is asked for in between.</summary>
    Patient,
}
