import { defineConfig } from "eslint/config";
import next from "eslint-config-next/core-web-vitals";
import typescript from "eslint-config-next/typescript";
import { configs as byType } from "typescript-eslint";

/** As the framework's own rules bring it: the rules for people who do not see, or do not use a mouse. */
const a11y = next.find((part) => part.plugins?.["jsx-a11y"]).plugins["jsx-a11y"];

const NO_ENUM = {
  selector: "TSEnumDeclaration",
  message: "A union of words says the same, and compiles to nothing.",
};

export default defineConfig([
  {
    ignores: [
      ".next/**",
      "next-env.d.ts",
      "drizzle/**",
      "playwright-report/**",
      "test-results/**",
      "public/sw.js",
      "src/words/en-XA/**",
      ".mutants/**",
    ],
  },
  ...next,
  ...typescript,
  {
    files: ["src/**/*.ts", "src/**/*.tsx"],
    extends: byType.strictTypeChecked,
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      // A row that may not be there is looked at before it is used; the compiler believes every index.
      "@typescript-eslint/no-unnecessary-condition": "off",
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      // "return say(…)" is how a function of ours leaves early; records are read and written by their keys.
      "@typescript-eslint/no-confusing-void-expression": "off",
      "@typescript-eslint/no-dynamic-delete": "off",
      // What is answered is named where it is asked for.
      "@typescript-eslint/no-unnecessary-type-parameters": "off",
      // What is tapped may take its time; what then fails is told where it was asked for.
      "@typescript-eslint/no-misused-promises": ["error", { checksVoidReturn: { attributes: false } }],
      // There is no enum here (NO_ENUM) and no class is told apart by its name: both rules ask every assignment for its type.
      "@typescript-eslint/no-unsafe-enum-assignment": "off",
      "@typescript-eslint/no-unsafe-class-instance-assignment": "off",
    },
  },
  {
    // No interface is made here: what is asked of components takes a fifth of the linter's time.
    files: ["src/{core,server,contracts,workers,words}/**/*.ts", "scripts/**", "tests/**"],
    rules: Object.fromEntries(
      next
        .flatMap(({ rules = {} }) => Object.keys(rules))
        .filter((rule) => /^(react|react-hooks|jsx-a11y)\//.test(rule))
        .map((rule) => [rule, "off"]),
    ),
  },
  {
    // What a test is given is what it is about.
    files: ["src/**/*.test.ts", "src/**/*.test.tsx", "src/**/*.fixture.ts"],
    rules: Object.fromEntries(
      [
        "require-await",
        "no-deprecated",
        "no-unsafe-assignment",
        "no-unsafe-member-access",
        "no-unsafe-argument",
        "no-unsafe-return",
        "no-unsafe-call",
        "no-base-to-string",
        "restrict-plus-operands",
        "no-meaningless-void-operator",
        "no-misused-spread",
        "no-unnecessary-type-assertion",
      ].map((rule) => [`@typescript-eslint/${rule}`, "off"]),
    ),
  },
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
  {
    // What is read stands in words/; signs and units are everybody's.
    files: ["src/{app,features,ui}/**/*.tsx"],
    ignores: ["**/*.test.tsx"],
    rules: {
      "react/jsx-no-literals": [
        "error",
        {
          ignoreProps: true,
          allowedStrings: [..."·%:.,×()→←…“”–", "g", "h", "min", "g/ml"],
        },
      ],
    },
  },
  { files: ["scripts/**", "examples/**"], rules: { "no-console": "off" } },
  {
    files: ["src/**/*.ts"],
    ignores: ["**/*.test.ts", "**/*.fixture.ts", "src/server/database.ts"],
    rules: {
      "no-restricted-syntax": [
        "error",
        NO_ENUM,
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
        NO_ENUM,
        {
          selector: "CallExpression[callee.name='dynamic'][arguments.length=1]",
          message: "{ loading: NotYet } keeps the page standing while this part of it is fetched.",
        },
        {
          selector: ":matches(JSXElement, JSXFragment) > JSXExpressionContainer > Literal[value=/[a-z]{3}/]",
          message: "What is read stands in words/, where a language is one folder.",
        },
      ],
    },
  },
]);
