import { FormulaMade } from "@/features/stores/library/formula-made";
import { FormulaPage } from "@/features/stores/library/formula-page";
import { loadVersions } from "@/server/pages";

export default async function FormulaRoute({ params, searchParams }: PageProps<"/stores/formula/[id]">) {
  const { batches, ...page } = await loadVersions((await params).id, await searchParams);
  const { formulation, version } = page.to;
  return (
    <FormulaPage {...page}>
      <FormulaMade kitchen={page.kitchen} formulation={formulation} version={version} batches={batches} />
    </FormulaPage>
  );
}
