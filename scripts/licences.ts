/** Writes docs/LICENCES.md: every package that ships with the app, and under which licence. */
import { writeFileSync } from "node:fs";
import { init } from "license-checker-rseidelsohn";

init({ start: ".", production: true, excludePrivatePackages: true }, (error, packages) => {
  if (error) throw error;
  const rows = Object.entries(packages)
    .map(([id, { licenses }]) => ({ id, licence: String(licenses) }))
    .sort((a, b) => a.id.localeCompare(b.id));
  const byLicence = new Map<string, number>();
  for (const { licence } of rows) byLicence.set(licence, (byLicence.get(licence) ?? 0) + 1);
  const summary = [...byLicence].sort((a, b) => b[1] - a[1]).map(([licence, n]) => `${n} × ${licence}`);
  writeFileSync(
    "docs/LICENCES.md",
    [
      "# Licences of what ships",
      "",
      "Written by `npm run licences`: the packages installed for production and what they bring with them. The fonts are",
      "under the SIL Open Font License.",
      "",
      `In all ${rows.length}: ${summary.join(", ")}.`,
      "",
      "| package | licence |",
      "| --- | --- |",
      ...rows.map(({ id, licence }) => `| ${id} | ${licence} |`),
      "",
    ].join("\n"),
  );
  console.log(`${rows.length} packages; ${summary.join(", ")}`);
});
