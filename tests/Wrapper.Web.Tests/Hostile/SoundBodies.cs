namespace Wrapper.Web.Tests.Hostile;

/// <summary>A request of each kind that is answered well; what is hostile is put into it.</summary>
internal static class SoundBodies
{
    private const string Cushion = """
        { "unit": "in", "form": "box-cushion", "measures": { "shape": "trapezoid", "frontWidth": "26 3/4",
        "backWidth": "19 1/2", "depth": "21 1/4", "thickness": "4" }, "measuredFrom": "space", "construction": "boxing-strip",
        "rules": { "seam": "1/2", "fit": { "width": "-1/4" } }, "options": { "piping": "both", "padding": [{ "thickness": "1/2",
        "how": "top" }] }, "count": 2, "notes": { "": "hull leans" }, "secondReadings": { "depth": "21" },
        "readingUse": { "depth": "larger" } }
        """;
    private const string Outline = """
        { "unit": "mm", "form": "box-cushion", "measures": { "shape": "outline", "thickness": 80, "points": [[0, 0], [600, 0],
        [600, 400, 30], [0, 400]] } }
        """;
    private const string Chair = """
        { "unit": "in", "form": "slipcover", "measures": { "shape": "zones", "skirtLength": "104", "skirtDrop": "7",
        "zipLength": "24", "zones": [{ "name": "Inside back", "width": "24", "height": "27", "tucks": ["left", "right"],
        "count": 1, "pair": true }] } }
        """;
    private const string Cloth = """
        { "name": "Sandbar ticking", "width": "54", "selvage": "1/2", "nap": "one-way", "repeat": { "length": "13",
        "width": "27", "match": "half-drop" }, "shrinkage": { "along": 3 }, "spare": "5", "price": "18.50",
        "flaws": [{ "from": "40", "to": "41" }], "remnants": [{ "name": "end", "width": "25", "length": "30" }],
        "pinned": [{ "piece": "a/plate", "copy": 1, "turn": 0, "x": 0, "y": 0 }] }
        """;
    private const string Yardage = $$"""
        { "unit": "in", "houseRules": { "seam": "1/2" }, "covers": [{ "key": "a", "cover": {{Cushion}} }, { "key": "b",
        "cover": {{Outline}}, "example": true }], "cloth": {{Cloth}}, "drafts": ["a"], "compare": false, "steps": 2 }
        """;

    private static readonly Dictionary<string, string[]> All = new()
    {
        ["/api/draft"] = [Cushion, Outline, Chair],
        ["/api/fold-up"] = [Cushion, Outline, Chair],
        ["/api/sensitivity"] = [Cushion, Outline],
        ["/api/lay"] =
        [
            """
                { "cloth": { "usableWidth": 1370, "nap": "either", "repeat": { "length": 300 }, "space": 3, "flaws": [{ "from": 100,
                "to": 200 }], "remnants": [{ "id": "end", "width": 300, "length": 300 }] }, "pieces": [{ "id": "a", "quantity": 3,
                "outline": [[0, 0], [400, 0], [300, 200]], "turns": [0, 90, 180], "match": { "group": "g", "x": 5, "y": 5 } },
                { "id": "b", "outline": [[0, 0], [90, 0], [90, 90], [0, 90]], "onFold": true }], "pinned": [{ "piece": "a",
                "copy": 1, "turn": 0, "x": 0, "y": 0 }], "steps": 2 }
                """,
        ],
        ["/api/lay/live"] =
        [
            """
                { "cloth": { "usableWidth": 1370 }, "pieces": [{ "id": "a", "quantity": 3, "outline": [[0, 0], [400, 0],
                [300, 200]] }], "steps": 2 }
                """,
        ],
        ["/api/yardage"] = [Yardage],
        ["/api/yardage/live"] = [Yardage],
        ["/api/make-ups"] = [$$"""{ "unit": "in", "houseRules": {}, "cover": {{Cushion}}, "cloth": {{Cloth}} }"""],
        ["/api/cloth-at-hand"] = [$$"""{ "unit": "in", "cloth": {{Cloth}}, "length": "40", "forms": ["pouf"] }"""],
        ["/api/own-figure"] =
        [
            $$"""{ "cover": {{Cushion}}, "for": "plate.cutWidth", "figure": "20 1/4" }""",
            $$"""{ "for": "cloth", "figure": "3", "yardage": {{Yardage}} }""",
        ],
        ["/api/practice"] = ["""{ "seed": 7, "kind": "figure", "answer": "5" }"""],
        ["/api/files"] =
        [
            $$"""{ "what": "patterns", "format": "svg", "cover": {{Cushion}} }""",
            $$"""{ "what": "lay", "format": "dxf", "yardage": {{Yardage}} }""",
        ],
        ["/api/jobs"] = ["""{ "id": "hostile-made", "name": "Saloon", "client": "Barge", "place": "Aft", "unit": "in" }"""],
        ["/api/jobs/{id}"] = ["""{ "name": "Saloon", "client": "Barge", "place": "Aft", "unit": "in" }"""],
        ["/api/jobs/{id}/cloth"] = [Cloth],
        ["/api/jobs/{jobId}/covers/{coverId}"] =
        [
            $$"""{ "position": 1, "cover": {{Cushion}} }""",
            $$"""{ "position": 1, "cover": {{Chair}} }""",
        ],
        ["/api/jobs/import"] =
        [
            $$"""
                { "format": 2, "name": "In", "unit": "in", "cloth": {{Cloth}}, "covers": [{{Cushion}}], "photos": [{ "cover": "a",
                "measure": "", "name": "x.png", "type": "image/png", "content": "iVBORw0KGgo=" }] }
                """,
            """
                { "format": 1, "name": "Old", "unit": "in", "cloth": { "width": "54", "repeatLength": "5" },
                "covers": [{ "form": "box-cushion", "shape": "rectangle", "padding": [], "lists": { "points": [] } }] }
                """,
        ],
        ["/api/house"] =
        [
            """{ "rules": { "seam": "1/2" }, "shelf": [{ "cloth": "ticking", "width": "20", "length": "30", "from": "" }] }""",
        ],
        ["/api/sheets/{token}/covers/{coverId}"] = ["""[{ "measure": "width", "note": false, "before": "", "text": "21 1/4" }]"""],
        ["/api/tape/readings"] = ["""{ "length": "21 1/4", "unit": "in" }"""],
        ["/api/tape/stand-in"] = ["""{ "length": "21", "jitter": "1/8", "unit": "in" }"""],
    };

    /// <summary>Bodies for a path of the OpenAPI document; none where it takes no JSON.</summary>
    public static IReadOnlyList<string> For(string path) => All.GetValueOrDefault(path, []);
}
