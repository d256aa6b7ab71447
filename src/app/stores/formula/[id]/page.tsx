import { FormulaPage } from "@/features/stores/library/formula-page";
import { loadVersions } from "@/server/pages";

export default async function FormulaRoute({ params, searchParams }: PageProps<"/stores/formula/[id]">) {
  return <FormulaPage {...loadVersions((await params).id, await searchParams)} />;
}
