"use client";

import { Link } from "@/ui/link";
import type { ReactNode } from "react";
import type { FormulaView, KitchenView } from "@/contracts/views";
import { describeFormulation } from "@/core/exchange/describe";
import { ShareFormula } from "@/ui/share-formula";
import { Shell } from "@/ui/shell/shell";
import { LineDifferences } from "@/ui/line-differences";
import { Branch } from "./branch";
import { FormulaFiles } from "./formula-files";
import { Tags } from "./tags";
import { VersionsList } from "./versions-list";
import { OnDate } from "@/ui/measures";
import * as words from "@/words/stores/library/formula-page";

interface Props {
  kitchen: KitchenView;
  newest: FormulaView;
  from: FormulaView;
  to: FormulaView;
  /** The formula itself, as the chosen version has it. */
  children: ReactNode;
}

/** One formula: itself, what changed from version to version, its branches, its tags, and its ways out of the kitchen. */
export function FormulaPage({ kitchen, newest, from, to, children }: Props) {
  const { branchedFrom } = newest;
  return (
    <Shell
      title={newest.name}
      note={
        branchedFrom && (
          <>
            {words.branchedFrom(
              <Link className="link-in-text" href={`/stores/formula/${branchedFrom.formulaId}`}>
                {words.version(branchedFrom.name, branchedFrom.version)}
              </Link>,
            )}
          </>
        )
      }
      actions={
        <>
          <Link className="btn min-h-11" href="/stores">
            {words.stores}
          </Link>
          <Link className="btn btn-primary min-h-11" href={`/bench?formula=${newest.id}`}>
            {words.toTheBench}
          </Link>
        </>
      }
    >
      <div className="p-4 lg:p-6">{children}</div>
      <div className="grid gap-8 border-t border-line p-4 lg:grid-cols-[20rem_minmax(0,1fr)_20rem] lg:p-6">
        <VersionsList newest={newest} from={from.version} to={to.version} timeZone={kitchen.timeZone} />
        <section aria-label={words.differences} className="min-w-0">
          <h2 className="text-2xl">
            {from.version === to.version
              ? words.versionOfVersion(to.version)
              : words.versionTo(from.version, to.version)}
          </h2>
          <p className="pb-2 text-quiet">
            <OnDate
              atMs={newest.versions.find((v) => v.version === to.version)?.createdAtMs ?? 0}
              timeZone={kitchen.timeZone}
            />
          </p>
          <LineDifferences
            before={describeFormulation(from.formulation)}
            after={describeFormulation(to.formulation)}
          />
        </section>
        <div className="space-y-6">
          <Tags id={newest.id} tags={newest.tags} />
          <Branch id={newest.id} version={to.version} name={newest.name} />
          <FormulaFiles id={newest.id} version={to.version} />
          <section>
            <h2 className="text-2xl">{words.shareIt}</h2>
            <ShareFormula formulation={to.formulation} tags={newest.tags} />
          </section>
        </div>
      </div>
    </Shell>
  );
}
