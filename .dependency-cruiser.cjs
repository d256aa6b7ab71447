/**
 * Core's rooms from the ground up: each may know those before it, of types too, and none after it. What is fed in
 * (tables, a soak, heat), what a cook decides, what is worked out of that, and who asks for it.
 */
const ROOMS = [
  "quantity",
  "materials",
  "solution",
  "diffusion",
  "vessel",
  "bayes",
  "instruments",
  "heat",
  "formulation",
  "preparations",
  "formula",
  "yield",
  "program",
  "safety",
  "ways",
  "bench",
  "journal",
  "learned",
  "taste",
  "recipe",
  "exchange",
  "schedule",
  "check-cases",
];

/** The arrows of the house: who may import whom. Run by `npm run lint`. */
module.exports = {
  forbidden: [
    {
      name: "no-circles",
      severity: "error",
      from: {},
      to: { circular: true },
    },
    {
      name: "core-is-pure",
      comment:
        "The sums know no interface, database, clock or file: only core, words for its codes, and small packages for figures, dates, words and shapes.",
      severity: "error",
      from: { path: "^src/core", pathNot: "\\.(test|fixture)\\.tsx?$" },
      to: {
        pathNot: [
          "^src/(core|words)",
          "node_modules/(zod|numeric-quantity|format-quantity|date-fns|@date-fns/tz|pluralize|ml-matrix|htmlparser2|entities|iso8601-duration|fflate)/",
        ],
      },
    },
    ...ROOMS.slice(0, -1).map((room, i) => ({
      name: `core-${room}-stands-on-what-is-below`,
      severity: "error",
      from: { path: `^src/core/${room}/`, pathNot: "\\.(test|fixture)\\.tsx?$" },
      to: { path: `^src/core/(${ROOMS.slice(i + 1).join("|")})/` },
    })),
    {
      name: "core-rooms-are-known",
      comment: "A new room of the core has its place in the order above.",
      severity: "error",
      from: { path: "^src" },
      to: { path: "^src/core/[^/]+/", pathNot: `^src/core/(${ROOMS.join("|")})/` },
    },
    {
      name: "words-know-nothing",
      comment:
        "A language is one folder: sentences and the figures in them, and nothing that works anything out.",
      severity: "error",
      from: { path: "^src/words", pathNot: "\\.test\\.tsx?$" },
      to: { pathNot: ["^src/words", "node_modules/((@types/)?react|date-fns)/"] },
    },
    {
      name: "contracts-know-only-core",
      severity: "error",
      from: { path: "^src/contracts", pathNot: "\\.test\\.tsx?$" },
      to: { pathNot: ["^src/(contracts|core|words)", "node_modules/zod/"] },
    },
    {
      name: "workers-only-wrap-core",
      severity: "error",
      from: { path: "^src/workers" },
      to: { pathNot: ["^src/(workers|core|words)", "node_modules/comlink/"] },
    },
    {
      name: "service-worker-stands-alone",
      comment: "It is older or newer than the pages it serves: it shares nothing with them.",
      severity: "error",
      from: { path: "^src/without-a-line" },
      to: { pathNot: ["^src/without-a-line", "node_modules/workbox-"] },
    },
    {
      name: "ui-is-shared",
      comment: "Shared drawings and figures know the core, never a station or the database.",
      severity: "error",
      from: { path: "^src/ui" },
      to: { path: "^src/(features|server|app)/" },
    },
    {
      name: "stations-stand-alone",
      severity: "error",
      from: { path: "^src/features/([^/]+)/" },
      to: { path: "^src/features/", pathNot: "^src/features/$1/" },
    },
    {
      name: "features-not-server",
      severity: "error",
      from: { path: "^src/(features|ui)/" },
      to: { path: "^src/(server|app)/" },
    },
    {
      name: "only-server-touches-the-database",
      severity: "error",
      from: { path: "^src", pathNot: "^src/server/" },
      to: { path: "node_modules/(better-sqlite3|drizzle-orm)/" },
    },
    {
      name: "server-knows-no-screen",
      severity: "error",
      from: { path: "^src/server" },
      to: { path: "^src/(features|ui|app)/" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default"],
    },
  },
};
