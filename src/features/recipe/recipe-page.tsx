"use client";

import dynamic from "next/dynamic";
import { Link } from "@/ui/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { KitchenView } from "@/contracts/views";
import { FRAGMENT_MOST, fragmentOf } from "@/core/exchange/share";
import { readsAsRecipe, type ReadRecipe } from "@/core/recipe/reading";
import { NotYet, orMissing } from "@/ui/or-missing";
import { PantryProvider } from "@/ui/pantry";
import { Shell } from "@/ui/shell/shell";
import { usePutOnBench } from "@/ui/use-put-on-bench";
import { carriedIn } from "./carried";
import { PasteBox } from "./paste-box";
import { readBeside } from "./reader";
import * as wording from "@/words/recipe/recipe-page";

/** Fetched while the recipe is read. */
const Confirm = dynamic(
  orMissing(async () => (await import("./confirm")).Confirm),
  { loading: NotYet },
);

/** A loose recipe in, a formula out: read, confirmed line by line, and put on the Bench. */
export function RecipePage({ kitchen }: { kitchen: KitchenView }) {
  const router = useRouter();
  const [read, setRead] = useState<{ reading: ReadRecipe; text: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const { own, words } = kitchen;

  const toBench = usePutOnBench();
  const take = async (text: string) => {
    setProblem(null);
    const carried = await carriedIn(text);
    // A formula of another kitchen is whole: it is looked at where links are opened, too.
    if (carried?.ok) {
      const fragment = fragmentOf(carried.value);
      return fragment.length > FRAGMENT_MOST
        ? void toBench(carried.value.formulation)
        : router.push(`/open#${fragment}`);
    }
    if (carried && !carried.ok) return setProblem(carried.error);
    setBusy(true);
    const reading = await readBeside(text, { measures: kitchen.measures, words, own }).catch(() => null);
    setBusy(false);
    if (reading === null) return setProblem(wording.itCouldNotBeRead);
    if (!readsAsRecipe(reading)) return setProblem(wording.noIngredientsWereFoundIn);
    setRead({ reading, text });
  };
  return (
    <Shell
      title={wording.pasteARecipe}
      note={read ? read.reading.recipe.name || wording.withoutAName : kitchen.name}
      actions={
        read ? (
          <button type="button" className="btn min-h-11" onClick={() => setRead(null)}>
            {wording.another}
          </button>
        ) : (
          <Link className="btn min-h-11" href="/stores">
            {wording.stores}
          </Link>
        )
      }
    >
      <PantryProvider kitchen={kitchen}>
        {read ? (
          <Confirm
            read={read.reading}
            pasted={read.text}
            onBench={(formulation) => void toBench(formulation)}
          />
        ) : (
          <PasteBox onText={(text) => void take(text)} busy={busy} problem={problem} />
        )}
      </PantryProvider>
    </Shell>
  );
}
