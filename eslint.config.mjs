import next from "eslint-config-next/core-web-vitals";
import typescript from "eslint-config-next/typescript";

/** As the framework's own rules bring it: the rules for people who do not see, or do not use a mouse. */
const a11y = next.find((part) => part.plugins?.["jsx-a11y"]).plugins["jsx-a11y"];

const config = [
  {
    ignores: [
      ".next/**",
      "next-env.d.ts",
      "drizzle/**",
      "playwright-report/**",
      "test-results/**",
      "public/sw.js",
      ".mutants/**",
    ],
  },
  ...next,
  ...typescript,
  {
    rules: {
      eqeqeq: ["error", "always", { null: "ignore" }],
      "no-console": "error",
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
    },
  },
  {
    files: ["**/*.tsx"],
    rules: {
      ...a11y.flatConfigs.strict.rules,
      // What scrolls takes the keyboard, too, and a region says what it is.
      "jsx-a11y/no-noninteractive-tabindex": [
        "error",
        { tags: [], roles: ["region"], allowExpressionValues: true },
      ],
      "jsx-a11y/no-autofocus": ["error", { ignoreNonDOM: true }],
    },
  },
  { files: ["scripts/**", "examples/**"], rules: { "no-console": "off" } },
  {
    files: ["src/**/*.ts"],
    ignores: ["**/*.test.ts", "**/*.fixture.ts", "src/server/database.ts"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "CallExpression[callee.property.name='transaction']",
          message:
            "writing(db, …) has the right to write before it looks; this is refused where another thread wrote.",
        },
      ],
    },
  },
  {
    files: ["src/**/*.tsx"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "CallExpression[callee.name='dynamic'][arguments.length=1]",
          message: "{ loading: NotYet } keeps the page standing while this part of it is fetched.",
        },
      ],
    },
  },
];

export default config;
