using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Fitting;

/// <summary>Where on the thing something can be found at a try-on. See docs/handbook.md, "Trying on".</summary>
public static class SeamPlaces
{
    /// <summary>How near to an outermost side, in parts of the cover's size, a seam belongs to it.</summary>
    private const double Near = 0.02;

    /// <summary>The sides a finding can name, in the words of corrections, each as it is called on the thing as it stands.</summary>
    public static IReadOnlyList<(string Side, string Name)> SidesOf(CoverSpecification specification)
    {
        var shape = specification.Shape;
        if (shape.List is not null)
        {
            return [("all", "all round"), ("top", "top"), ("bottom", "bottom")]; // an outline has no left and right to take in
        }

        var axes = shape
            .Measures.Where(measure => specification.Measures.ContainsKey(measure.Measure))
            .Select(measure => measure.Axis)
            .ToHashSet();
        var isRound = specification.Measures.ContainsKey(Measure.Diameter);
        List<(string, string)> sides = [];
        void Add(MeasureAxis axis, string low, string lowName, string high, string highName)
        {
            if (axes.Contains(axis))
            {
                sides.AddRange([(low, lowName), (high, highName)]);
            }
        }

        if (isRound)
        {
            sides.Add(("left", "across, by the diameter"));
        }
        else
        {
            Add(MeasureAxis.Width, "left", "left", "right", "right");
        }

        var (front, back, top, bottom) = shape.Stands switch
        {
            Standing.Upright => ("lower edge", "upper edge", "front", "back"),
            Standing.OnItsSide => ("one end", "other end", "top", "bottom"),
            _ => ("front", "back", "top", "bottom"),
        };
        Add(MeasureAxis.Depth, "front", front, "back", back);
        Add(MeasureAxis.Thickness, "top", top, "bottom", bottom);
        return sides;
    }

    /// <summary>The sides each seam lies at, in the words of corrections: of a corner two or three.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<string>> Of(Draft draft)
    {
        var facets = FoldedOutside.Of(draft);
        if (facets.Count == 0)
        {
            return new Dictionary<string, IReadOnlyList<string>>();
        }

        var corners = facets.SelectMany(facet => facet.Corners).ToList();
        var (low, high) = (
            new Place(corners.Min(at => at.X), corners.Min(at => at.Y), corners.Min(at => at.Z)),
            new Place(corners.Max(at => at.X), corners.Max(at => at.Y), corners.Max(at => at.Z))
        );
        return facets
            .SelectMany(facet =>
                facet.Seams.Select((seam, i) => (seam, middle: 0.5 * (facet.Corners[i] + facet.Corners[(i + 1) % facet.Corners.Count])))
            )
            .Where(side => side.seam is not null)
            .GroupBy(side => side.seam!)
            .ToDictionary(
                seam => seam.Key,
                IReadOnlyList<string> (seam) =>
                    Sides((1.0 / seam.Count()) * seam.Aggregate(new Place(0, 0, 0), (sum, side) => sum + side.middle), low, high)
            );
    }

    private static List<string> Sides(Place at, Place low, Place high)
    {
        var near = Near * (high - low).Size;
        List<string> sides = [];
        void Look(double place, double from, double to, string first, string last)
        {
            if (place - from < near)
            {
                sides.Add(first);
            }
            else if (to - place < near)
            {
                sides.Add(last);
            }
        }

        Look(at.X, low.X, high.X, "left", "right");
        Look(at.Y, low.Y, high.Y, "front", "back");
        Look(at.Z, low.Z, high.Z, "bottom", "top");
        return sides;
    }
}
