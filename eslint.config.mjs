import next from "eslint-config-next/core-web-vitals";
import typescript from "eslint-config-next/typescript";

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
  { files: ["scripts/**", "examples/**"], rules: { "no-console": "off" } },
];

export default config;
