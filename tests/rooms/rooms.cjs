/** The rooms of the front end, each of which may know those before it: what they are stands in docs/architecture.md. */
const rooms = ["api", "model", "queries", "drawing", "ui", "screens", "app"];

/** The folders of a room that has several, in the same manner. */
const folders = {
  model: ["space", "pieces", "cover", "cloth", "job", "work", "words"],
  queries: ["server", "saving", "figures", "job", "work"],
};

const later = (room) => `^src/(${rooms.slice(rooms.indexOf(room) + 1).join("|")})/`;

const foldersOf = (room, all) =>
  all.slice(0, -1).map((folder, at) => ({
    name: `${room}-${folder}-knows-only-folders-before-it`,
    severity: "error",
    from: { path: `^src/${room}/${folder}/` },
    to: { path: `^src/${room}/(${all.slice(at + 1).join("|")})/` },
  }));

module.exports = {
  forbidden: [
    { name: "no-circle", severity: "error", from: {}, to: { circular: true } },
    ...rooms.slice(0, -1).map((room) => ({
      name: `${room}-knows-only-rooms-before-it`,
      severity: "error",
      from: { path: `^src/${room}/` },
      to: { path: later(room) },
    })),
    ...Object.entries(folders).flatMap(([room, all]) => foldersOf(room, all)),
    {
      name: "screens-never-import-each-other",
      severity: "error",
      from: { path: "^src/screens/([^/]+)/" },
      to: { path: "^src/screens/([^/]+)/", pathNot: "^src/screens/$1/" },
    },
    {
      name: "the-model-knows-no-react",
      severity: "error",
      from: { path: "^src/model/", pathNot: "\\.test\\.tsx?$" },
      to: { path: "node_modules/(react|react-dom|react-router|antd|@tanstack)/" },
    },
    {
      name: "only-queries-ask-the-server",
      severity: "error",
      comment:
        "What a screen shows of the server comes through a query; the few that write straight through are named.",
      from: { path: "^src/(drawing|ui)/", pathNot: "^src/(ui/trouble/Away|drawing/things/BlocksPicture)" },
      to: { path: "^src/api/client", dependencyTypesNot: ["type-only"] },
    },
    {
      name: "nothing-unused",
      severity: "error",
      from: { orphan: true, pathNot: ["\\.d\\.ts$", "\\.test\\.tsx?$", "^src/testing"] },
      to: {},
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    exclude: { path: "\\.css$" },
  },
};
