using System.Runtime.CompilerServices;

// The parts of the fold-up and of a plan are tested one by one, where a slip shows at once and not only in a whole cover.
[assembly: InternalsVisibleTo("Wrapper.Core.Tests")]
